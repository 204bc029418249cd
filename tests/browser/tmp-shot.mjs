import { chromium } from '@playwright/test';
const [,, id, out, size='1280x800', ...steps] = process.argv;
const [w,h]=size.split('x').map(Number);
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']});
const c = await b.newContext({viewport:{width:w,height:h}});
const p = await c.newPage();
p.on('console',m=>{ if(m.type()==='error') console.log('console',m.text())}); p.on('pageerror',e=>console.log('page',e.message));
await p.addInitScript(()=>localStorage.setItem('ample-tide.safety-read','1'));
await p.clock.install();
await p.goto('http://127.0.0.1:5301/#/teach/'+id);
await p.getByRole('button',{name:'Begin the class'}).waitFor();
const t0=Date.now();
for(let i=0;i<300;i++){ if(await p.getByRole('button',{name:'Begin the class'}).isEnabled()) break; await new Promise(r=>setTimeout(r,200)); await p.clock.runFor(50);}
console.log('ready after',Date.now()-t0);
await p.screenshot({path:`${out}-begin.png`});
await p.getByRole('button',{name:'Begin the class'}).click();
let n=0;
for (const s of steps){
  if (/^\d/.test(s)) { await p.clock.fastForward(Number(s)*1000); await p.clock.runFor(40);}
  else if (s==='shot') await p.screenshot({path:`${out}-${n++}.png`});
  else await p.keyboard.press(s);
}
await p.clock.runFor(40);
await p.screenshot({path:`${out}-${n}.png`});
await b.close();
