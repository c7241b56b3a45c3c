import { learnTaste } from '../packages/core/src/connect/taste/learn';
import { random } from '../packages/core/src/testing/random';
const next = random(3); const w = Array.from({length:14},()=>next()**2*300);
const choices = Array.from({length:200},()=>{ const all = Array.from({length:9},()=>Array.from({length:14},(_,t)=>Math.round(next()*400*(t%3+1)))).sort((a,b)=>a.reduce((s,c,t)=>s+c*w[t]!,0)-b.reduce((s,c,t)=>s+c*w[t]!,0)); return {chosen:all[0]!,others:all.slice(1)}; });
for (let i=0;i<4;i++){ const t=performance.now(); const l = learnTaste(choices)!; console.log((performance.now()-t).toFixed(0),'ms', JSON.stringify(l.agreement)); }
