import { stages } from '../../../core/stage';
import { fetchStage } from './stageViews';
import JobApp from './JobApp';

// The view that the address names comes with the page; the others when they are gone to. The server draws any of them.
const first = import.meta.env.SSR ? stages.map((s) => s.id) : stages.map((s) => s.id).filter((id) => location.pathname.endsWith(`/${id}`));
// One that cannot be had is tried once more when it is drawn, and then says so.
await Promise.allSettled(first.map(fetchStage));

export default JobApp;
