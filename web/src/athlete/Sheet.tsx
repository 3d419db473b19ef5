import { X } from 'lucide-react';
import { type ReactNode, useEffect, useId, useRef } from 'react';

interface SheetProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** A sheet over the page: the browser's own dialog, which keeps the focus, closes with Escape and is announced. */
export function Sheet({ title, onClose, children }: SheetProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useId();
  useEffect(() => {
    const shown = dialog.current;
    shown?.showModal();
    return () => shown?.close();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-labelledby={id}
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
      className="mx-auto mt-auto mb-0 max-h-[92dvh] w-full max-w-xl overflow-y-auto border-t-4 border-bronze bg-paper px-5 pt-4 pb-8 text-ink backdrop:bg-[rgb(0_0_0/0.7)] sm:mb-auto sm:border-4"
    >
      <div className="flex items-center justify-between gap-3">
        <h2 id={id} className="head text-2xl">
          {title}
        </h2>
        <button type="button" aria-label="Close" className="grid size-12 place-items-center" onClick={onClose}>
          <X size={26} />
        </button>
      </div>
      {children}
    </dialog>
  );
}
