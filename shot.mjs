import { chromium } from '@playwright/test';
const [,, ...jobs]=process.argv; // path=file pairs
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']});
const c=await b.newContext({viewport:{width:1280,height:800}}); const p=await c.newPage();
p.on('console',m=>{if(m.type()==='error')console.log('console',m.text().slice(0,200))}); p.on('pageerror',e=>console.log('ERR',e.message.slice(0,300)));
await p.goto('http://127.0.0.1:4180/sign-in'); await p.getByLabel(/mail/i).fill('coach@skarvoy.example'); await p.getByLabel(/password/i).fill('hall closed'); await p.getByRole('button',{name:/sign in/i}).click(); await p.waitForTimeout(800);
for (const j of jobs){ const [path,file,act]=j.split('::'); await p.goto('http://127.0.0.1:4180'+path); await p.waitForTimeout(1500); if(act) { await eval(`(async()=>{${act}})()`); await p.waitForTimeout(800);} await p.screenshot({path:file}); }
await b.close();
