import { fetched } from '../shared/fetched';

/** The views of a project, each in a file of its own. */
export const views = {
  brief: fetched(() => import('../brief/BriefView').then((module) => ({ default: module.BriefView }))),
  interview: fetched(() => import('../brief/Interview').then((module) => ({ default: module.Interview }))),
  plan: fetched(() => import('../plan/PlanView').then((module) => ({ default: module.PlanView }))),
  draft: fetched(() => import('../draft/DraftView').then((module) => ({ default: module.DraftView }))),
  review: fetched(() => import('../review/ReviewView').then((module) => ({ default: module.ReviewView }))),
  'hand-off': fetched(() =>
    import('../handoff/HandoffView').then((module) => ({ default: module.HandoffView })),
  ),
};
export const history = fetched(() =>
  import('./HistoryDrawer').then((module) => ({ default: module.HistoryDrawer })),
);
export const frame = fetched(() => import('./ProjectFrame'));
