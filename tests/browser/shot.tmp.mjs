import { chromium } from 'playwright';
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox','--disable-gpu','--disable-quic'] });
const p = await b.newPage({ viewport:{width:1280,height:800} });
const base='http://127.0.0.1:5301';
await p.goto(base); await p.evaluate(()=>localStorage.setItem('ample-tide.safety-read','1'));
const id='low-water-shoulders';
const r=await fetch(`${base}/api/classes/${id}`); const etag=r.headers.get('etag'); const d=await r.json();
d.group={...d.group, size:12, conditions:{wrist:2,'bp-high':1,'pregnancy-mid':1}, people:[{count:1,conditions:['neck-recent','vertigo']},{count:1,conditions:[{id:'shoulder',side:'right'},'knee']}]};
if(process.argv[2]==='set'){ const put=await fetch(`${base}/api/classes/${id}`,{method:'PUT',headers:{'content-type':'application/json','if-match':etag},body:JSON.stringify(d)}); console.log(put.status, put.status>299?await put.text():''); }
await p.goto(`${base}/#/plan/${id}/people`); await p.waitForTimeout(2500); await p.screenshot({path:'/tmp/s1.png'});
await p.goto(`${base}/#/plan/${id}`); await p.waitForTimeout(2500); await p.screenshot({path:'/tmp/s2.png'});
await p.goto(`${base}/#/moves/inverted-v-hold`); await p.waitForTimeout(2500); await p.screenshot({path:'/tmp/s3.png'});
await p.goto(`${base}/#/card/${id}`); await p.waitForTimeout(2500); await p.screenshot({path:'/tmp/s4.png'}); await p.pdf({path:'/tmp/card.pdf',format:'A4',printBackground:true});
await b.close();
