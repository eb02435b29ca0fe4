import { markVersionSchema } from '../../../contract/schemas';
import { useSchemaForm } from '../../shared/useSchemaForm';
import { Button, Group, Textarea, TextInput } from '@mantine/core';
import type { VersionMeta } from '../../../contract/dto';
import { useMarkVersionMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { Dialog } from '../../parts/Dialog';
import { Notice } from '../../parts/Notice';
import { toastUndo } from '../../parts/toastUndo';
import { sayProblem } from '../../words/problems';
import { versionsWords } from '../../words/data/en/versions';

const W = versionsWords.nameVersion;

/** Gives a kept version another name or a note. What it holds stays. */
export function NameVersion({ version, onClose }: { version: VersionMeta; onClose: () => void }) {
  const [mark, { isLoading, error }] = useMarkVersionMutation();
  const named = version.targetId !== null;
  const form = useSchemaForm<{ name?: string; note: string }>(markVersionSchema, {
    note: version.note,
    ...(named ? { name: version.name } : {}),
  });
  const { name = '', note } = form.values;
  async function keep() {
    const marked = (as: { name: string; note: string }) =>
      mark({ id: version.id, mark: { note: as.note.trim(), ...(named ? { name: as.name.trim() } : {}) } });
    const done = await marked({ name, note });
    if ('error' in done) return;
    toastUndo(W.changed({ name: name.trim() || W.theNote }), () => marked(version), 'undo');
    onClose();
  }
  return (
    <Dialog title={named ? W.nameAndNote : W.note} onClose={onClose}>
      <form onSubmit={form.onSubmit(() => void keep())}>
        {named && (
          <TextInput
            label={W.name}
            {...form.getInputProps('name')}
            maxLength={120}
            data-autofocus
            error={name.trim() === '' && W.giveItANameSo}
          />
        )}
        <Textarea
          label={W.note}
          mt={10}
          autosize
          minRows={3}
          maxLength={2000}
          {...form.getInputProps('note')}
        />
        {error && (
          <Notice kind="trouble" title={W.notKept}>
            {sayProblem(problemIn(error)?.code ?? null)}
          </Notice>
        )}
        <Group mt={14}>
          <Button type="submit" loading={isLoading} disabled={named && name.trim() === ''}>
            {W.keepNameAndNote}
          </Button>
          <Button variant="default" onClick={onClose}>
            {W.cancel}
          </Button>
        </Group>
      </form>
    </Dialog>
  );
}
