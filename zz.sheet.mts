import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { chromiumOptions } from './e2e/chromium';
const b = await chromium.launch(chromiumOptions());
const files = process.argv.slice(3); const w=Number(process.env.W??790);
const cols = Number(process.env.C??2);
const s = await b.newPage({viewport:{width:(w+8)*cols+10,height:100}});
await s.setContent(`<body style="margin:0;background:#888">${files.map(f=>`<img style="width:${w}px;margin:4px;display:inline-block" src="data:image/png;base64,${readFileSync(f).toString('base64')}">`).join('')}`);
await s.screenshot({path:process.argv[2],fullPage:true}); await b.close();
