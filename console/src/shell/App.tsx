import { Center, Spinner } from "@chakra-ui/react";
import { Navigate, Route, Routes } from "react-router";
import { AskPage } from "../ask/AskPage";
import { ModelPage } from "../model/ModelPage";
import { RestError } from "../rest/client";
import { SignInPage } from "../session/SignInPage";
import { useWho } from "../session/session";
import { Failure } from "./Failure";
import { Shell } from "./Shell";

/** Shows the sign-in page until someone is signed in, then the page of the address. */
export function App() {
  const who = useWho();
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
      <Routes>
        <Route path="/ask" element={<AskPage />} />
        <Route path="/model" element={<ModelPage />} />
        <Route path="*" element={<Navigate to="/ask" replace />} />
      </Routes>
    </Shell>
  );
}
