import { lazy, type ReactNode, Suspense, useState } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import type { Schemas } from './api/client';
import { Entrance } from './account/Entrance';
import { useSession } from './account/session';
import { SignInAgain } from './account/SignInAgain';
import { Failed, Loading } from './design/States';
import { sharedClass } from './api/sharedClass';
import { ErrorBoundary } from './ErrorBoundary';
import { SharedShell, Shell } from './Shell';
import { formatMessage } from './words/intl';

const Today = lazy(() => import('./today/Today'));
const Course = lazy(() => import('./course/Course'));
const Bench = lazy(() => import('./bench/Bench'));
const Sheets = lazy(() => import('./sheets/Sheets'));
const Returns = lazy(() => import('./returns/Returns'));
const Agreement = lazy(() => import('./returns/Agreement'));
const Kit = lazy(() => import('./kit/Kit'));
const Wall = lazy(() => import('./wall/Wall'));
const OverTime = lazy(() => import('./wall/overtime/OverTime'));
const FirstAndLatest = lazy(() => import('./wall/overtime/FirstAndLatest'));
const Marks = lazy(() => import('./wall/papers/Marks'));
const Redo = lazy(() => import('./wall/papers/Redo'));
const Projects = lazy(() => import('./projects/Projects'));
const Reports = lazy(() => import('./wall/papers/Reports'));
const Student = lazy(() => import('./wall/Student'));
const Classes = lazy(() => import('./classes/Classes'));
const Account = lazy(() => import('./account/Account'));
const Help = lazy(() => import('./help/Help'));
const Show = lazy(() => import('./show/Show'));
const Join = lazy(() => import('./account/Join'));
const PhonePage = lazy(() => import('./phone/PhonePage'));

/** A phone that was let in needs no account, and who was invited makes one; everyone else enters first. */
export function App() {
  return (
    <Suspense fallback={<Loading what={formatMessage({ id: 'shell.loading.page' })} />}>
      <Routes>
        <Route path="/phone/:token" element={<PhonePage />} />
        <Route path="/join/:token" element={<Join />} />
        <Route path="*" element={<SignedInApp />} />
      </Routes>
    </Suspense>
  );
}

function SignedInApp() {
  const session = useSession();
  /** Who was signed in before the session ended. */
  const [known, setKnown] = useState<Schemas['TeacherView']>();
  if (session.isPending) {
    return <Loading what={formatMessage({ id: 'shell.loading.account' })} />;
  }
  if (session.isError) {
    return <Failed error={session.error} />;
  }
  const teacher = session.data.teacher ?? known;
  if (!teacher) {
    return <Entrance session={session.data} />;
  }
  if (teacher !== known) {
    setKnown(teacher);
  }
  return (
    <>
      {sharedClass ? (
        <SharedPlaces />
      ) : (
        <Routes>
          <Route path="/show/:of/:id/:lesson?" element={<Show />} />
          <Route path="*" element={<Places teacher={teacher} isDemo={session.data.isDemo} />} />
        </Routes>
      )}
      {!session.data.teacher && <SignInAgain teacher={teacher} />}
    </>
  );
}

/** A place as it arrives; where it fails, the menu stays and every other place is tried anew. */
function OnePlace({ children }: { children: ReactNode }) {
  const place = useLocation().pathname.split('/')[1];
  return (
    <ErrorBoundary key={place}>
      <Suspense fallback={<Loading what={formatMessage({ id: 'shell.loading.place' })} />}>{children}</Suspense>
    </ErrorBoundary>
  );
}

/** What of a colleague's class is to be seen. */
function SharedPlaces() {
  return (
    <SharedShell>
      <OnePlace>
        <Routes>
          <Route path="/returns/:run?/:page?" element={<Returns isDemo={false} />} />
          <Route path="/wall/:run?" element={<Wall />} />
          <Route path="/students/:id" element={<Student />} />
          <Route path="*" element={<Navigate to="/returns" replace />} />
        </Routes>
      </OnePlace>
    </SharedShell>
  );
}

/** Everything that has the places beside it. */
function Places({ teacher, isDemo }: { teacher: Schemas['TeacherView']; isDemo: boolean }) {
  return (
    <Shell teacher={teacher.displayName} isDemo={isDemo}>
      <OnePlace>
        <Routes>
          <Route path="/" element={<Today isDemo={isDemo} />} />
          <Route path="/course/:schoolClass?/:lesson?" element={<Course />} />
          <Route path="/bench/:id?" element={<Bench />} />
          <Route path="/sheets/:id?" element={<Sheets />} />
          <Route path="/returns/agreement" element={<Agreement />} />
          <Route path="/returns/:run?/:page?" element={<Returns isDemo={isDemo} />} />
          <Route path="/wall/class/:id/first-and-latest" element={<FirstAndLatest />} />
          <Route path="/projects/:id?" element={<Projects />} />
          <Route path="/wall/class/:id/redo" element={<Redo />} />
          <Route path="/wall/class/:id/marks" element={<Marks />} />
          <Route path="/wall/class/:id/reports" element={<Reports />} />
          <Route path="/wall/class/:id?" element={<OverTime />} />
          <Route path="/wall/:run/redo" element={<Redo />} />
          <Route path="/wall/:run?" element={<Wall />} />
          <Route path="/kit/:view?" element={<Kit isDemo={isDemo} />} />
          <Route path="/students/:id" element={<Student />} />
          <Route path="/classes/:id?" element={<Classes />} />
          <Route path="/help" element={<Help />} />
          <Route path="/account" element={<Account teacher={teacher} />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      </OnePlace>
    </Shell>
  );
}
