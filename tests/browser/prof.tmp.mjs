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
const cdp=await page.context().newCDPSession(page);
const self=new Map(), total=new Map();
await cdp.send('Profiler.enable'); await cdp.send('Profiler.setSamplingInterval',{interval:200});
const n=30;
for(let i=0;i<n;i++){
 await page.locator(`[data-select="l${(i*7)%lines}"]`).focus(); await page.waitForTimeout(250);
 await cdp.send('Profiler.start');
 await page.keyboard.press('+'); await page.waitForTimeout(250);
 const {profile}=await cdp.send('Profiler.stop');
 const nodes=new Map(profile.nodes.map(x=>[x.id,x])); const parent=new Map(); for(const x of profile.nodes)for(const c of x.children??[])parent.set(c,x.id);
 profile.samples.forEach((id,k)=>{const dt=profile.timeDeltas[k]/1000; const nm=x=>`${x.callFrame.functionName||'(anon)'}:${x.callFrame.lineNumber}`; const x=nodes.get(id); self.set(nm(x),(self.get(nm(x))??0)+dt); const seen=new Set(); for(let c=id;c!==undefined;c=parent.get(c)){const k2=nm(nodes.get(c)); if(!seen.has(k2)){seen.add(k2); total.set(k2,(total.get(k2)??0)+dt);}}});
}
const show=(m,c)=>[...m].sort((a,b)=>b[1]-a[1]).slice(0,c).forEach(([k,v])=>console.log((v/n).toFixed(2).padStart(8),k));
console.log('SELF ms per edit');show(self,28);console.log('TOTAL');show(total,60);
await browser.close();server.kill('SIGKILL');process.exit(0);
