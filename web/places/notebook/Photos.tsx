import { Button, FileButton } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { TrialPhoto, TrialSlice } from '../../../core/judge';
import { addressOf, problemIn } from '../../api/ask';
import { useCreatePhotoMutation } from '../../api/notebook';
import { Notice } from '../../parts/Notice';
import { rememberOriginal } from '../../photos/originals';
import { base64Of, NotAPhoto, photoFrom } from '../../photos/takePhoto';
import { sayProblem } from '../../words/problems';
import classes from './notebook.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.photos;

const TYPES = 'image/jpeg,image/png,image/webp,image/heic,image/heif';

/** A photo of the notebook. */
export function Photo({ photo, alt }: { photo: TrialPhoto; alt: string }) {
  return (
    <img
      src={addressOf('photo', photo.hash)}
      width={photo.wide}
      height={photo.high}
      alt={alt}
      loading="lazy"
    />
  );
}

/** Takes photos in, smaller than they came; `onAdded` hears of those that were kept. */
function useTaking(onAdded: (photos: TrialPhoto[]) => void) {
  const [keep, keeping] = useCreatePhotoMutation();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [working, setWorking] = useState(false);
  const take = async (files: File[]) => {
    setTrouble(null);
    setWorking(true);
    const added: TrialPhoto[] = [];
    for (const file of files)
      try {
        const done = await keep(base64Of(await photoFrom(file)));
        if ('data' in done && done.data) {
          added.push(done.data);
          rememberOriginal(done.data.hash, file);
        } else setTrouble(sayProblem(problemIn(done.error)?.code ?? null));
      } catch (error) {
        if (!(error instanceof NotAPhoto)) throw error;
        setTrouble(`${file.name}: ${error.message}`);
      }
    setWorking(false);
    if (added.length > 0) onAdded(added);
  };
  return { take, trouble, working, busy: working || keeping.isLoading };
}

/** Photos of a trial: taken, chosen, taken out again. */
export function Photos({
  id,
  photos,
  slices,
  title,
  onChange,
}: {
  id: string;
  photos: readonly TrialPhoto[];
  slices: readonly TrialSlice[];
  title: string;
  onChange: (photos: TrialPhoto[]) => void;
}) {
  const there = new Set(photos.map((p) => p.hash));
  const { take, trouble, working, busy } = useTaking((added) =>
    onChange([...photos, ...added.filter((p) => !there.has(p.hash))]),
  );
  return (
    <section aria-label={W.photos}>
      <div className={classes.photos}>
        {photos.map((p, i) => (
          <figure key={p.hash}>
            <Photo photo={p} alt={W.photo({ title, i: i + 1 })} />
            <Button
              component={Link}
              to={`/notebook/${id}/slice/${p.hash}`}
              size="compact-md"
              variant="default"
            >
              {slices.some((s) => s.photo === p.hash) ? W.measured : W.measureTheSlice}
            </Button>
            <Button
              size="compact-md"
              variant="default"
              aria-label={W.takePhotoOut({ i: i + 1 })}
              onClick={() => onChange(photos.filter((x) => x !== p))}
            >
              {W.takeOut}
            </Button>
          </figure>
        ))}
      </div>
      <p className="small quiet">{W.aSliceOnAPlain}</p>
      <FileButton multiple accept={TYPES} onChange={(files) => void take(files)}>
        {(props) => (
          <Button {...props} variant="default" loading={busy}>
            {W.addPhotos}
          </Button>
        )}
      </FileButton>{' '}
      <FileButton accept={TYPES} capture="environment" onChange={(file) => file && void take([file])}>
        {(props) => (
          <Button {...props} variant="default" disabled={working}>
            {W.takeOne}
          </Button>
        )}
      </FileButton>
      {trouble && (
        <Notice kind="trouble" title={W.thisPhotoWasNotKept}>
          {trouble}
        </Notice>
      )}
    </section>
  );
}
