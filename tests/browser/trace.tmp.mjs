import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { chromium } from 'playwright';
const src = readFileSync('/work/main/bench/editing.mjs','utf8');
const port=5611, address=`http://127.0.0.1:${port}`, lines=120;
const server = spawn('dotnet',['/tmp/prof/app/AmpleTide.Server.dll','--port',port,'--data',mkdtempSync('/tmp/profd-')],{stdio:['ignore','pipe','inherit'],cwd:'/tmp/prof/app'});
await new Promise(r=>server.stdout.once('data',r));
async function bigClass(){const moves=await(await fetch(`${address}/api/moves`)).json();moves.sort((a,b)=>a.positions[0]<b.positions[0]?-1:a.positions[0]>b.positions[0]?1:0);const items=Array.from({length:lines},(_,i)=>({id:`l${i}`,move:moves[Math.floor(i*moves.length/lines)].id}));const sections=[];for(let i=0;i<lines;i+=12)sections.push({id:`s${i}`,name:`Section ${i/12+1}`,items:items.slice(i,i+12)});return{id:'big',title:'Big',minutes:180,startsIn:'seated-cross',sections}}
await fetch(`${address}/api/classes`,{method:'POST',headers:{'content-type':'application/json'},body:JSON.stringify(await bigClass())});
const browser=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const page=await browser.newPage({viewport:{width:1280,height:800}});
await page.addInitScript(()=>localStorage.setItem('ample-tide.safety-read','1'));
await page.goto(`${address}/#/plan/big`);
await page.locator('[data-line]').nth(lines-1).waitFor({state:'attached'});
await page.waitForLoadState('networkidle');

const N=20; const agg=new Map();
for(let i=0;i<N;i++){
 await page.locator(`[data-select="l${(i*7)%lines}"]`).focus(); await page.waitForTimeout(250);
 await browser.startTracing(page,{categories:['devtools.timeline','disabled-by-default-devtools.timeline','toplevel']});
 await page.evaluate(()=>{const clock=document.querySelector('header [aria-live]');window.shown=new Promise(done=>{addEventListener('keydown',({timeStamp})=>{performance.mark('K');new MutationObserver((_,o)=>{o.disconnect();performance.mark('M');requestAnimationFrame(()=>{performance.mark('R');setTimeout(()=>{performance.mark('E');done(performance.now()-timeStamp)})})}).observe(clock,{subtree:true,characterData:true,childList:true})},{capture:true,once:true})})});
 await page.keyboard.press('+'); const ms=await page.evaluate(()=>window.shown);
 const marks=await page.evaluate(()=>performance.getEntriesByType('mark').slice(-4).map(m=>[m.name,m.startTime])); 
 const buf=await browser.stopTracing(); const ev=JSON.parse(buf).traceEvents;
 const main=ev.find(e=>e.name==='thread_name'&&e.args.name==='CrRendererMain'&&ev.some(x=>x.pid===e.pid&&x.name==='EventDispatch'))??ev.find(e=>e.name==='thread_name'&&e.args.name==='CrRendererMain');
 const key=ev.filter(e=>e.name==='EventDispatch'&&e.args?.data?.type==='keydown')[0];
 const t0=key.ts,t1=t0+ms*1000;
 for(const e of ev){if(e.ph!=='X'||e.ts<t0||e.ts>t1)continue;const k=(e.tid===key.tid&&e.pid===key.pid?'main ':'other ')+e.name;agg.set(k,(agg.get(k)??0)+e.dur/1000)}
 const rel=marks.map(([n,t])=>n+' '+(t-marks[0][1]).toFixed(1)).join('  ');
 console.log(ms.toFixed(1),rel);
 if(i===10){ (await import('node:fs')).writeFileSync('/tmp/trace.json',JSON.stringify(ev.filter(e=>e.ts>=t0-2000&&e.ts<=t1+2000))); }
}
[...agg].sort((a,b)=>b[1]-a[1]).slice(0,45).forEach(([k,v])=>console.log((v/N).toFixed(2).padStart(8),k));
await browser.close();server.kill('SIGKILL');process.exit(0);
