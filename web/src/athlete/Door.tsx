import { useEffect, useState } from 'react';
import { Quiet } from './AthleteParts';
import { kept, phone } from './offline-db';
import { useTakeOver } from './use-take-over';

/** Where the installed page begins: straight to the one athlete of this phone, or who it is of several. */
export function Door() {
  const [known, setKnown] = useState<{ token: string; name: string }[]>();
  useEffect(() => {
    const look = async () => {
      const all = await kept(() => phone.answers.toArray());
      const names = all.map(({ token, answer }) => ({ token, name: answer.athlete.name }));
      if (names.length === 1) location.replace(`/a/${names[0]?.token}`);
      else setKnown(names);
    };
    void look();
  }, []);
  useTakeOver(known !== undefined);
  if (!known) return null;
  if (known.length === 0)
    return <Quiet title="Nobody is known here yet.">Open the link that your coach has sent you.</Quiet>;
  return (
    <main data-theme="dark" className="grid min-h-dvh content-center bg-paper px-6 text-ink">
      <h1 className="head text-2xl">Who is it?</h1>
      {known.map(({ token, name }) => (
        <a key={token} href={`/a/${token}`} className="mt-3 flex min-h-14 items-center bg-sheet px-4 text-xl">
          {name}
        </a>
      ))}
    </main>
  );
}
