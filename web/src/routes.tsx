import { createBrowserRouter, type RouteObject } from 'react-router';
import { RouteError } from './layout/RouteError';

const pages: RouteObject[] = [
  { path: '/sign-in', lazy: async () => ({ Component: (await import('./sign-in/SignIn')).SignIn }) },
  { path: '/join/:token', lazy: async () => ({ Component: (await import('./sign-in/MailedLink')).MailedLink }) },
  { path: '/password', lazy: async () => ({ Component: (await import('./sign-in/ForgotPassword')).ForgotPassword }) },
  { path: '/password/:token', lazy: async () => ({ Component: (await import('./sign-in/MailedLink')).MailedLink }) },
  { path: '/sheet/:sessionId', lazy: async () => ({ Component: (await import('./printout/Printout')).Printout }) },
  { path: '/hall/:squadId', lazy: async () => ({ Component: (await import('./hall/HallView')).HallView }) },
  { path: '/sign-up', lazy: async () => ({ Component: (await import('./sign-in/SignUp')).SignUp }) },
  {
    lazy: async () => ({ Component: (await import('./layout/PersonLayout')).PersonLayout }),
    children: [
      { path: '/care', lazy: async () => ({ Component: (await import('./care/CareView')).CareView }) },
      { path: '/care/:athleteId', lazy: async () => ({ Component: (await import('./care/CareAthlete')).CareAthlete }) },
      { path: '/family', lazy: async () => ({ Component: (await import('./family/FamilyView')).FamilyView }) },
      {
        path: '/my/:part?',
        lazy: async () => ({ Component: (await import('./settings/SettingsView')).SettingsView }),
      },
    ],
  },
  {
    path: '/',
    lazy: async () => ({ Component: (await import('./layout/CoachLayout')).CoachLayout }),
    // A page of the desk that fails leaves the desk around it.
    children: [
      {
        ErrorBoundary: RouteError,
        children: [
          {
            path: 'attention',
            lazy: async () => ({ Component: (await import('./attention/AttentionView')).AttentionView }),
          },
          { index: true, lazy: async () => ({ Component: (await import('./squad/SquadView')).SquadView }) },
          {
            path: 'athletes/:athleteId',
            lazy: async () => ({ Component: (await import('./session/page/SessionView')).SessionView }),
          },
          {
            path: 'athletes/:athleteId/ability',
            lazy: async () => ({ Component: (await import('./capacity/CapacityView')).CapacityView }),
          },
          {
            path: 'athletes/:athleteId/progress',
            lazy: async () => ({ Component: (await import('./report/ProgressView')).ProgressView }),
          },
          {
            path: 'weeks',
            lazy: async () => ({ Component: (await import('./report/SquadWeeksView')).SquadWeeksView }),
          },
          {
            path: 'athletes/:athleteId/season',
            lazy: async () => ({ Component: (await import('./season/SeasonView')).SeasonView }),
          },
          {
            path: 'seasons/:squadId',
            lazy: async () => ({ Component: (await import('./season/SeasonView')).SeasonView }),
          },
          { path: 'library', lazy: async () => ({ Component: (await import('./library/LibraryView')).LibraryView }) },
          {
            path: 'library/:variantId',
            lazy: async () => ({ Component: (await import('./library/VariantPage')).VariantPage }),
          },
          { path: 'demands', lazy: async () => ({ Component: (await import('./demands/DemandsView')).DemandsView }) },
          {
            path: 'demands/:sportId',
            lazy: async () => ({ Component: (await import('./demands/DemandsView')).DemandsView }),
          },
          {
            path: 'sessions/:sessionId/squad',
            lazy: async () => ({ Component: (await import('./squad-session/SquadSession')).SquadSession }),
          },
          {
            path: 'settings/:part?',
            lazy: async () => ({ Component: (await import('./settings/SettingsView')).SettingsView }),
          },
          { path: 'outbox', lazy: async () => ({ Component: (await import('./messages/Messages')).Messages }) },
          {
            path: 'returned/:sessionId',
            lazy: async () => ({ Component: (await import('./review/SessionReview')).SessionReview }),
          },
        ],
      },
    ],
  },
];

/** The desk and what people sign in to; the athlete's side is a page of its own (athlete/main), which does not carry the desk. */
export const router = createBrowserRouter([{ ErrorBoundary: RouteError, children: pages }]);
