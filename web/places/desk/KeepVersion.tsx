import { Button, Group, Modal, Textarea, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { DraftDoc } from '../../../contract/dto';
import { pinItems } from '../../../core/formula';
import type { Solution } from '../../../core/rebalance';
import { problemIn, useKeepVersionMutation } from '../../api/api';
import { useAppDispatch } from '../../app/store';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { sayProblem } from '../../words/say';
import { dropLocalDraft } from './autosave';
import { desk } from './deskSlice';

type Props = {
  formulaId: string;
  doc: DraftDoc;
  solution: Solution;
  sourceChanged: boolean;
  suggestedName: string;
  onClose: () => void;
};

/** Names and keeps what stands on the desk as a version; the source stays as it is. */
export function KeepVersion({ formulaId, doc, solution, sourceChanged, suggestedName, onClose }: Props) {
  const [name, setName] = useState(suggestedName);
  const [note, setNote] = useState('');
  const [keep, kept] = useKeepVersionMutation();
  const { pantry } = usePantry();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const problem = kept.error ? problemIn(kept.error) : null;

  async function submit() {
    const request = { ...doc.request, pins: { ...doc.request.pins, kits: solution.kits } };
    const body = {
      parentId: doc.baseId,
      name: name.trim(),
      note,
      doc: pinItems(solution.formula, pantry.lookup),
      request,
      ...(sourceChanged ? { source: doc.source } : {}),
    };
    const done = await keep({ formulaId, body });
    if (!('data' in done) || !done.data) return;
    dispatch(desk.versionKept({ versionId: done.data.id }));
    dropLocalDraft(formulaId);
    onClose();
    notifications.show({ message: `Kept: ${done.data.name}`, closeButtonProps: { 'aria-label': 'Close' } });
    await navigate(`/formula/${formulaId}/card/${done.data.id}`);
  }

  return (
    <Modal.Root opened onClose={onClose} centered>
      <Modal.Overlay />
      <Modal.Content>
        <Modal.Body>
          <Modal.Title>Keep this version</Modal.Title>
          <form
            onSubmit={(e) => {
              e.preventDefault();
              void submit();
            }}
          >
            {kept.error && (
              <Notice kind="trouble" title="Not kept yet">
                {sayProblem(problem?.code ?? null, problem?.args)}
              </Notice>
            )}
            <TextInput
              mt={12}
              label="Name"
              value={name}
              maxLength={120}
              required
              data-autofocus
              onChange={(e) => setName(e.currentTarget.value)}
            />
            <Textarea
              mt={12}
              label="Note"
              description="For whom, or what to watch"
              value={note}
              maxLength={2000}
              autosize
              minRows={2}
              onChange={(e) => setNote(e.currentTarget.value)}
            />
            <Group mt={18} justify="flex-end">
              <Button variant="subtle" onClick={onClose}>
                Not yet
              </Button>
              <Button type="submit" loading={kept.isLoading} disabled={name.trim() === ''}>
                Keep it
              </Button>
            </Group>
          </form>
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}
