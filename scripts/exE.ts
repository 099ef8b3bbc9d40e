import { BUILT_IN } from '../packages/core/tests/builtIn.js';
import { readPlan } from '../packages/core/src/reading/readPlan.js';
import { planLines, lookAt } from '../packages/core/tests/forms/planLines.js';
for (const f of ['tuned','set-aside'] as const) { const c: Record<string,number> = {}; for (const l of planLines(f)) { const r = lookAt(l, (s) => readPlan(s, BUILT_IN)); c[r]=(c[r]??0)+1; if (r!=='right') { const p = readPlan('# Any\n'+l.text, BUILT_IN); console.log(f, r, l.text, '⇒', l.want, '|', p.steps.map(s=>s.variant.id+' '+s.hold.count+s.hold.unit[0]+(s.flow?` F${s.flow.name}×${s.flow.rounds}`:'')).join('; '), p.parts.filter(x=>x.kind!=='step').map(x=>x.kind+':'+x.text+':'+(x.message??'')).slice(1)); } } console.log(f, c); }
