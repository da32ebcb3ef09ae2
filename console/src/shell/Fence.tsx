import { Alert, Button } from "@chakra-ui/react";
import { Component, type ReactNode } from "react";

interface FenceProps {
  children: ReactNode;
}

/** Keeps a page that breaks from taking all others along. Give it the page's address as its key. */
export class Fence extends Component<FenceProps, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    if (!this.state.broken) return this.props.children;
    return (
      <Alert.Root status="error" maxW="2xl">
        <Alert.Indicator />
        <Alert.Content>
          <Alert.Title>This page broke</Alert.Title>
          <Alert.Description>
            Nothing of yours is lost. Load it again, or tell a steward what you did last.
          </Alert.Description>
        </Alert.Content>
        <Button size="sm" variant="outline" onClick={() => window.location.reload()}>
          Load again
        </Button>
      </Alert.Root>
    );
  }
}
