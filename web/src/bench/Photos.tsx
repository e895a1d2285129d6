import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Camera } from "lucide-react";
import { useState } from "react";
import { api, asFile, newUuid, type Photo, taken } from "../api";
import { useFigures } from "../figures";
import { Dialog, ErrorText, FilePicker } from "../parts";

const KINDS = "image/png,image/jpeg,image/webp";

/** A photograph on its way; it keeps its key when it is sent again. */
interface Sending {
  file: File;
  key: string;
}

/** The photographs of a batch, small; each opens large. One more can be taken. */
export function Photos({ batch, photos, large = false }: { batch: number; photos: Photo[]; large?: boolean }) {
  const [opened, setOpened] = useState<Photo | null>(null);
  const [caption, setCaption] = useState("");
  const changed = useChanged();
  const send = useMutation({
    mutationFn: ({ file, key }: Sending) =>
      taken(
        api.POST("/api/batches/{batch}/photos", {
          ...asFile(file),
          params: { path: { batch }, query: { key, caption: caption.trim() || undefined } },
        }),
      ),
    onSuccess: () => {
      setCaption("");
      return changed();
    },
  });
  return (
    <section aria-label="Photographs" data-testid="photos">
      {photos.length > 0 && (
        <ul className="flex flex-wrap gap-2 pb-2">
          {photos.map((photo) => (
            <li key={photo.id}>
              <button onClick={() => setOpened(photo)} aria-label={`Open the photograph: ${nameOf(photo)}`}>
                <Small photo={photo} className="h-24 w-32" />
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <input
          className={`quiet-field framed min-w-0 flex-1 ${large ? "bench-field" : ""}`}
          aria-label="What is to be seen"
          placeholder="what is to be seen, if you like"
          maxLength={500}
          value={caption}
          onChange={(event) => setCaption(event.target.value)}
        />
        <FilePicker
          label="A photograph"
          accept={KINDS}
          className={`btn gap-2 ${large ? "h-16" : "btn-sm"}`}
          disabled={send.isPending}
          onPick={(file) => send.mutate({ file, key: newUuid() })}
        >
          <Camera size={18} aria-hidden /> {send.isPending ? "Keeping it…" : "Add a photograph"}
        </FilePicker>
      </div>
      <ErrorText error={send.error} />
      {send.isError && send.variables && (
        <button className="btn btn-sm" onClick={() => send.mutate(send.variables)}>
          Try {send.variables.file.name} again
        </button>
      )}
      {opened && <Opened photo={opened} onClose={() => setOpened(null)} />}
    </section>
  );
}

const nameOf = (photo: Photo) => photo.caption || "no words";

/** The small picture of a photograph. */
export function Small({ photo, className }: { photo: Photo; className: string }) {
  return (
    <img
      className={`rounded-md object-cover ${className}`}
      src={`/api/photos/${photo.id}/small`}
      alt={photo.caption || "A photograph of the batch"}
      loading="lazy"
    />
  );
}

function Opened({ photo, onClose }: { photo: Photo; onClose: () => void }) {
  const figures = useFigures();
  const changed = useChanged();
  const [asking, setAsking] = useState(false);
  const remove = useMutation({
    mutationFn: () => taken(api.DELETE("/api/photos/{id}", { params: { path: { id: photo.id } } })),
    onSuccess: async () => {
      onClose();
      await changed();
    },
  });
  return (
    <Dialog title={photo.caption || "Photograph"} onClose={onClose}>
      <img
        className="max-h-[60vh] w-full rounded-md object-contain"
        src={`/api/photos/${photo.id}`}
        width={photo.width}
        height={photo.height}
        alt={photo.caption || "A photograph of the batch"}
      />
      <div className="flex items-center gap-2 pt-4">
        <span className="soft flex-1 text-sm">{figures.moment(photo.keptAt)}</span>
        <button className="btn btn-ghost btn-sm" onClick={() => (asking ? remove.mutate() : setAsking(true))}>
          {asking ? "Delete it for good" : "Delete"}
        </button>
        <button className="btn btn-sm" onClick={onClose}>
          Close
        </button>
      </div>
      <ErrorText error={remove.error} />
    </Dialog>
  );
}

/** What shows photographs is asked anew. */
function useChanged() {
  const queries = useQueryClient();
  return async () => {
    await queries.invalidateQueries({ queryKey: ["bench"] });
    await queries.invalidateQueries({ queryKey: ["notebook"] });
  };
}
