import { stages } from '../../../core/stage';
import { fetchStage } from './stageViews';
import JobApp, { type JobAppProps } from './JobApp';
import { pageData, type PageData } from './pageData';

// The view that the address names comes with the page; the others when they are gone to. The server draws any of them.
const first = import.meta.env.SSR ? stages.map((s) => s.id) : stages.map((s) => s.id).filter((id) => location.pathname.endsWith(`/${id}`));
// One that cannot be had is tried once more when it is drawn, and then says so.
await Promise.allSettled(first.map(fetchStage));

// What it is drawn from stands at the end of the page.
if (!import.meta.env.SSR && document.readyState === 'loading')
  await new Promise((done) => document.addEventListener('DOMContentLoaded', done, { once: true }));

/** A job's page: what it is drawn from stands in the page under its token. */
export default function JobPage({ token, ...place }: { token: string } & Omit<JobAppProps, keyof PageData>) {
  return <JobApp {...pageData(token)} {...place} />;
}
