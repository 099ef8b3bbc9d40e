import { CONDITIONS, BUILT_IN, SOMEBODY, stagePerson, USUAL_HOUSE_VIEW, HOUSE_VIEW_TOPICS, trialDetails, compileRules, measureTable, judgeAll, rowsBroken, markOf, RULEBOOK_VERSION, CONFLICTS, judge, POSES } from '@lotus-steady/core';
const ON='2026-01-15';
let t=performance.now(); console.log('version', RULEBOOK_VERSION, CONDITIONS.length, CONDITIONS.reduce((s,c)=>s+c.rules.length,0));
const table=measureTable(BUILT_IN, SOMEBODY, ON,'most');
console.log('table', performance.now()-t);
// reachable
const views=[USUAL_HOUSE_VIEW]; for (const [k,tp] of Object.entries(HOUSE_VIEW_TOPICS)) for (const p of tp.positions) if (p.id!==tp.usual) views.push({...USUAL_HOUSE_VIEW,[k]:p.id});
t=performance.now();
const born=(c:any)=>c.id==='child'?['2022-03-01','2019-03-01','2014-03-01']:c.id==='older-adult'?['1950-01-01']:c.id==='teenager'?['2011-01-01']:[undefined];
for (const c of CONDITIONS) {
  const found=new Set<string>(), seen=new Set<string>();
  for (const d of trialDetails(c)) for (const b of born(c)) for (const scr of c.id==='older-adult'?[{},{fallsLastYear:1}]:[{}]) for (const v of d && Object.keys(d).length<=2 ? views.filter((v,i)=>i===0||c.rules.some(r=>r.house&&v[r.house.topic]!==USUAL_HOUSE_VIEW[r.house.topic])) : [USUAL_HOUSE_VIEW]) {
    const s=stagePerson({...SOMEBODY, ...(b?{born:b}:{}), screening:scr, conditions:[{condition:c.id,details:d}]}, ON, v);
    for (const r of compileRules(s)) { if (found.has(r.active.rule.id)) continue; seen.add(r.active.rule.id); if (rowsBroken(r, table).length) found.add(r.active.rule.id); }
  }
  const un=c.rules.filter(r=>!found.has(r.id) && !r.all.some(b=>'levelChange' in b)).map(r=>r.id+(seen.has(r.id)?' (never broken)':' (never in force)'));
  if (un.length) console.log('UNREACHED', un.join(', '));
  // as written at careful stage
  const s=stagePerson({...SOMEBODY, ...(born(c)[0]?{born:born(c)[0],heightCm:c.id==='child'?104:165}:{}), conditions:[{condition:c.id,details:{}}]}, ON, USUAL_HOUSE_VIEW);
  const tb=c.id==='child'?measureTable(BUILT_IN,s.person,ON):table;
  const codes=judgeAll(compileRules(s), tb); const ok=new Map<string,number>(); let n=0; tb.rows.forEach(({pose,variant},i)=>{ if(variant.id===pose.usual && codes[i]!<2){n++; ok.set(pose.family,(ok.get(pose.family)??0)+1);} });
  const all=[...codes].filter(x=>x<2).length;
  if (n<25||ok.size<4) console.log('FEW', c.id, n, [...ok].map(([f,k])=>f+k).join(' '), 'variants', all);
}
console.log('t', performance.now()-t);
const many=stagePerson({...SOMEBODY, conditions:[{condition:'pregnancy',details:{}},{condition:'high-blood-pressure',details:{}},{condition:'low-back-pain',details:{}},{condition:'hip-arthritis',details:{}}]}, ON, USUAL_HOUSE_VIEW);
const comp=compileRules(many); for(let i=0;i<200;i++) judgeAll(comp,table);
t=performance.now(); for(let i=0;i<500;i++) judgeAll(comp,table); console.log('judgeAll ms',(performance.now()-t)/500, comp.length,'rules');
for (const c of CONFLICTS) { const codes=judgeAll(compileRules(stagePerson({...SOMEBODY,conditions:c.between.map(id=>({condition:id,details:{}}))},ON,USUAL_HOUSE_VIEW)),table); for (const p of c.neutral) { const pose=POSES.find(x=>x.id===p); const i=table.rows.findIndex(r=>r.variant.id===pose?.usual); if(!pose||codes[i]!>=2) console.log('CONFLICT',c.between.join('+'),p,pose?markOf(codes[i]!):'no pose'); } }
for (const t of Object.values(HOUSE_VIEW_TOPICS)) for (const p of t.positions) for (const id of p.cue?.poses??[]) if(!POSES.some(x=>x.id===id)) console.log('NO POSE', id);
