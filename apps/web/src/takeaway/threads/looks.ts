import type { Strand } from '../../voice/threads/threadLayout';

interface LineLook {
  readonly strokeWidth: number;
  readonly strokeDasharray?: string;
  readonly strokeLinecap?: 'round';
}

/** How a thread says how its voice moves, in black alone: as on the screen. */
export const LINE_LOOKS: Readonly<Record<Strand['kind'], LineLook>> = {
  held: { strokeWidth: 2.6 },
  sounding: { strokeWidth: 0.9 },
  'half step': { strokeWidth: 1.4 },
  'whole step': { strokeWidth: 1.6, strokeDasharray: '6 3' },
  leap: { strokeWidth: 1.8, strokeDasharray: '1.5 4', strokeLinecap: 'round' },
  enters: { strokeWidth: 1 },
  ends: { strokeWidth: 0.9 },
};
