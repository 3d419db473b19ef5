import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { FigureDrawing } from '../ui/Figure';
import { faultPictures } from '../ui/figure-frames';

/** What to look for: the right form and the fault side by side, and what to say. */
export function CommonErrors({ variant, size }: { variant: Variant; size: AthleteSize }) {
  return (
    <ul className="mt-1 space-y-2">
      {variant.faults.map((fault, i) => {
        const pictures = faultPictures(variant, i, size);
        return (
          <li key={fault.see} className="flex items-end gap-3">
            {pictures && (
              <span className="flex shrink-0 gap-2 bg-sheet px-2 pt-1">
                <FigureDrawing picture={pictures.right} name="Right form" className="h-20 w-24" />
                <FigureDrawing
                  picture={pictures.wrong}
                  name={`Common error: ${fault.see}`}
                  wrong
                  className="h-20 w-24"
                />
              </span>
            )}
            <span className="text-[0.95rem] leading-snug">
              <b>{fault.see}.</b> {fault.say}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
