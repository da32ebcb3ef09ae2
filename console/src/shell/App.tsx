import { Center, Spinner } from "@chakra-ui/react";
import { lazy, Suspense } from "react";
import { Navigate, Route, Routes, useLocation } from "react-router";
import { AskPage } from "../ask/AskPage";
import { ModelPage } from "../model/ModelPage";
import { RestError } from "../rest/client";
import { SignInPage } from "../session/SignInPage";
import { isAuthor, isSteward, useWho } from "../session/session";
import { Failure } from "./Failure";
import { Fence } from "./Fence";
import { Shell } from "./Shell";

const KeptPage = lazy(() => import("../ask/KeptPage"));
const DraftPage = lazy(() => import("../draft/DraftPage"));
const GapsPage = lazy(() => import("../gaps/GapsPage"));
const OwnQuestions = lazy(() => import("../session/OwnQuestions"));
const UsagePage = lazy(() => import("../usage/UsagePage"));
const LogPage = lazy(() => import("../usage/LogPage"));
const HealthPage = lazy(() => import("../health/HealthPage"));
const PeoplePage = lazy(() => import("../people/PeoplePage"));
const SourcesPage = lazy(() => import("../sources/SourcesPage"));

/** Shows the sign-in page until someone is signed in, then the page of the address. */
export function App() {
  const who = useWho();
  const { pathname } = useLocation();
  if (who.isPending) {
    return (
      <Center minH="100vh">
        <Spinner aria-label="Loading" />
      </Center>
    );
  }
  if (who.isError) {
    const signedOut = who.error instanceof RestError && who.error.status === 401;
    return signedOut ? (
      <SignInPage />
    ) : (
      <Center minH="100vh">
        <Failure error={who.error} onRetry={() => void who.refetch()} />
      </Center>
    );
  }
  return (
    <Shell who={who.data}>
      <Fence key={pathname}>
        <Suspense fallback={<Spinner aria-label="Loading" />}>
          <Routes>
            <Route path="/ask" element={<AskPage />} />
            <Route path="/model" element={<ModelPage />} />
            <Route path="/kept/:id" element={<KeptPage />} />
            <Route path="/mine" element={<OwnQuestions who={who.data} />} />
            {isAuthor(who.data) && (
              <>
                <Route path="/draft/:section?/:item?" element={<DraftPage />} />
                <Route path="/gaps" element={<GapsPage />} />
                <Route path="/log" element={<LogPage />} />
                <Route path="/health" element={<HealthPage />} />
                <Route path="/use" element={<UsagePage />} />
                <Route path="/sources" element={<SourcesPage />} />
              </>
            )}
            {isSteward(who.data) && <Route path="/people" element={<PeoplePage />} />}
            <Route path="*" element={<Navigate to="/ask" replace />} />
          </Routes>
        </Suspense>
      </Fence>
    </Shell>
  );
}
