import { nameNotes } from '../packages/core/src/chord/nameNotes';
import { readPlayed } from '../packages/core/src/voicing/sheet/readPlayed';
import { chord } from '../packages/core/src/testing/builders';
import { defaultGuitar, defaultKeyboard } from '../packages/core/src/voicing/data';
const n = (...p: number[]) => console.log(p.join(' '), nameNotes(p as any).slice(0,8).map(r => r.symbol + (r.bass?'/'+r.bass:'') + (r.rootSounds?'':' (no root)') + ' ' + JSON.stringify((r as any).without ?? '')).join(' | '));
n(58,59,67,68); n(59,60,67,74); n(57,59,66,67); n(60,64,67,69); n(52,58,61,68); n(48,52,60,67); n(60,61,62);
for (const [c, p] of [['A7',[[6,5],[4,5],[3,6],[1,5]]],['Cmaj7',[[5,3],[4,2],[3,0],[2,1],[1,0]]],['G7',[[6,3],[5,2],[4,0],[3,0],[2,0],[1,1]]],['F7(b9,#9)',[[4,6],[3,2],[2,6],[1,2]]]] as any) {
  const r = readPlayed(chord(c), p.map(([string,fret]: any)=>({string,fret})), defaultGuitar); console.log(c, JSON.stringify(r.ok ? { fam: r.value.voicing.family, ease: r.value.voicing.ease, d: r.value.voicing.notes.map(x=>x.degree).join(' '), f: r.value.voicing.notes.map(x=>x.finger), missing: r.value.missing, outside: r.value.outside.map(x=>x.degree), wo: r.value.voicing.without } : r));
}
const k = readPlayed(chord('Cmaj9'), [57+2,60,67,74].map(pitch=>({pitch})) as any, defaultKeyboard); console.log(k.ok && k.value);
