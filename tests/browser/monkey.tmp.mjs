import { chromium } from 'playwright';
const seedArg=+process.argv[2]||1; let s=seedArg; const rnd=()=>{s=(s*1103515245+12345)&0x7fffffff;return s/0x7fffffff};
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']}); const p=await b.newPage({viewport:{width:1280,height:800}});
await p.addInitScript(()=>localStorage.setItem('ample-tide.safety-read','1'));
const errs=[]; p.on('pageerror',e=>errs.push('PAGE '+e.message+'\n'+(e.stack||'').split('\n').slice(0,4).join('\n'))); p.on('console',m=>m.type()==='error'&&!m.text().includes('Failed to load')&&errs.push('CON '+m.text()));
p.on('response',async r=>{ if(r.status()>=400){ errs.push('HTTP '+r.status()+' '+r.url()+' '+(await r.text().catch(()=>'')).slice(0,400)); } });
const ids=['low-water-shoulders','knots-undone','bench-by-the-window']; 
await p.goto('http://127.0.0.1:5199/#/plan/'+ids[seedArg%3]); await p.locator('[data-line]').first().waitFor();
const keys=['ArrowDown','ArrowUp','Shift+ArrowDown','+','-','s','m','d','x','w','Shift+W','b','Delete','Alt+ArrowUp','Alt+ArrowDown','Control+z','Control+Shift+z','Control+x','Control+v','Control+c','Home','End','/','Escape','p','?','Escape','Tab','Enter',' '];
const trail=[];
for(let i=0;i<400;i++){ const k=keys[Math.floor(rnd()*keys.length)]; trail.push(k); try{ await p.keyboard.press(k);}catch(e){errs.push('KEY '+k+e.message)} if(rnd()<0.15){ const btns=p.locator('button:visible, summary:visible'); const n=await btns.count(); if(n) { const j=Math.floor(rnd()*n); const t=await btns.nth(j).innerText().catch(()=> ''); trail.push('click '+t.slice(0,20)); await btns.nth(j).click({timeout:400,force:true}).catch(()=>{}); } }
 if(errs.length){console.log('after',trail.slice(-8).join(' | '));break}
 if(!p.url().includes('/plan/')){ await p.goto('http://127.0.0.1:5199/#/plan/'+ids[seedArg%3]); await p.waitForTimeout(300);} }
await p.waitForTimeout(1500);
console.log(seedArg, 'errors', errs.length, errs.slice(0,3).join('\n'), await p.locator('[data-line]').count(), (await p.locator('header').first().innerText()).replace(/\n/g,' ').slice(0,120));
await b.close();
