import { chromium } from 'playwright';
const [,, path, out, w='1280', h='800', theme='light', script=''] = process.argv;
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']});
const p = await b.newPage({viewport:{width:+w,height:+h}, colorScheme: theme==='dark'?'dark':'light'});
await p.addInitScript(()=>localStorage.setItem('ample-tide.safety-read','1'));
await p.goto('http://127.0.0.1:5199'+path); await p.waitForLoadState('networkidle'); await p.waitForTimeout(700);
if (script) { await eval(`(async()=>{${script}})()`); await p.waitForTimeout(900); }
await p.screenshot({path:out}); await b.close();
