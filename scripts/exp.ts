import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import { fitClass } from '@lotus-steady/core';
import { benchPeople, benchSequence, FIT_DAY } from './lib/benchClass.js';
const people = benchPeople.length ? (benchPeople as any)(24) : (benchPeople as any)();
const sequence = benchSequence();
const input = { people: people.slice(0,24), sequence, on: FIT_DAY, houseView: RULEBOOK.usualHouseView, catalogue: BUILT_IN, rulebook: RULEBOOK } as any;
let f; for (let i=0;i<10;i++) f=fitClass(input);
const t=performance.now(); const N=60; for (let i=0;i<N;i++) fitClass(input); console.log('ms', (performance.now()-t)/N);
const c:any={}; for (const l of (f as any).lanes) for (const s of l.steps) { const k=s.asFarAs?'part':s.verdict; c[k]=(c[k]??0)+1; } console.log(c);
