import { likenessInWords } from '@drop-close/core';
import { barsInWords, isSameLandmark, toggleLandmark, useLandmark } from '../desk/landmarks';
import type { SheetBlock } from './layout';
import { useNotation } from '../../profile/useNotation';

/** The name of a section, what it is like, and the form that begins here. */
export function BlockHead({ block }: { block: SheetBlock }) {
  const { landmark: held } = useLandmark();
  const { label, section, forms } = block;
  const name = section?.name ?? label;
  const { sentence } = useNotation();
  const like = section && likenessInWords(section);
  if (name === undefined && !forms.length) return null;
  return (
    <div className="block-head">
      {name !== undefined && <h2>{name}</h2>}
      {like && <span className="quiet">{like}</span>}
      {forms.map((form) => (
        <button
          key={form.kind}
          type="button"
          className="form-mark"
          aria-pressed={isSameLandmark(held, form)}
          title={barsInWords(form)}
          onClick={() => {
            toggleLandmark(form);
          }}
        >
          {sentence(form.label)}
        </button>
      ))}
    </div>
  );
}
