import type { ReactNode } from 'react';
import glossary from '../../../../../docs/glossary.md?raw';
import { Explained } from './Explained';
import { readGlossary } from './readGlossary';

const MEANINGS = readGlossary(glossary);

interface TermProps {
  /** A word of the glossary; where there is none the words stand by themselves. */
  readonly of: string | undefined;
  /** As it is written here. */
  readonly children: ReactNode;
}

/** A term of the trade; the glossary says what it means. */
export const Term = ({ of, children }: TermProps) =>
  of === undefined ? children : <Explained meaning={MEANINGS.get(of)}>{children}</Explained>;
