import { useState } from 'react';

/** Puts a text on the clipboard and says that it did. */
export function CopyButton({ text, className }: { text: string; className: string }) {
  const [copied, setCopied] = useState('');
  return (
    <button
      type="button"
      className={className}
      onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(text))}
    >
      {copied === text ? 'Copied' : 'Copy'}
    </button>
  );
}
