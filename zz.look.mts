import { chromium } from '@playwright/test';
import { readFileSync, mkdirSync } from 'node:fs';
import { chromiumOptions } from './e2e/chromium';
import { demoSession } from './bench/session';
const { url, cookie, jobs } = await demoSession();
const [name, value] = cookie.split('=');
const b = await chromium.launch(chromiumOptions());
const q = jobs['Quillon 350'], o = jobs['Osprane 650'], h = jobs['Hollin 500'];
const views: [string, string][] = [['next','/'],['book-in','/book-in'],['bookin-stage',`/job/${q}/book-in`],['look',`/job/${h}/look`],['trace',`/job/${q}/trace`],['strip',`/job/${o}/strip`],['measure',`/job/${q}/measure`],['panel',`/job/${q}/measure?panel=compression`],['decide',`/job/${o}/decide`],['parts',`/job/${o}/parts`],['rebuild',`/job/${o}/rebuild`],['start',`/job/${o}/start`],['tune',`/job/${o}/tune`],['handover',`/job/${o}/handover`],['record',`/job/${o}/record`],['workshops','/workshops'],['knowledge','/knowledge'],['devices','/devices']];
const out='/tmp/look'; mkdirSync(out,{recursive:true});
const modes: Record<string, any> = {
  desk:{viewport:{width:1280,height:800}},
  phone:{viewport:{width:390,height:844},colorScheme:'dark'},
  big:{viewport:{width:1280,height:800}},
};
const only=process.argv[2]?.split(','); const names=process.argv[3]?.split(',');
for (const [mode,opts] of Object.entries(modes)) {
  if (only && !only.includes(mode)) continue;
  const ctx = await b.newContext({...opts, serviceWorkers:'block'});
  await ctx.addCookies([{name,value,url}]);
  const p = await ctx.newPage();
  for (const [n,path] of views) {
    if (names && !names.includes(n)) continue;
    await p.goto(url+path); await p.locator('html[data-awake]').waitFor({state:'attached'});
    if (mode==='big') await p.evaluate(()=>{document.documentElement.style.fontSize='200%'});
    await p.waitForTimeout(1500);
    await p.screenshot({path:`${out}/${mode}-${n}.png`});
  }
  // sheets
  const done = views.map(v=>v[0]).filter(n=>!names||names.includes(n));
  const per = mode==='phone'?4:2;
  for (let i=0;i<done.length;i+=per) {
    const pics = done.slice(i,i+per).map(n=>`<img style="width:${mode==='phone'?390:1000}px;display:inline-block;margin:4px" src="data:image/png;base64,${readFileSync(`${out}/${mode}-${n}.png`).toString('base64')}">`).join('');
    const s = await b.newPage({viewport:mode==='phone'?{width:1640,height:860}:{width:1016,height:1290}});
    await s.setContent(`<body style="margin:0;background:#888">${pics}`); await s.screenshot({path:`${out}/sheet-${mode}-${i/per}.png`}); await s.close();
  }
  await ctx.close();
}
await b.close();
