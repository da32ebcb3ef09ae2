import { Box, Button, Container, Flex, HStack, Image, Link, Text } from "@chakra-ui/react";
import { useTheme } from "next-themes";
import type { ReactNode } from "react";
import { NavLink } from "react-router";
import type { Who } from "../rest/client";
import { isAuthor, isSteward, useSignOut } from "../session/session";

/** The frame of every page: where to go, who is signed in, light or dark. */
export function Shell({ who, children }: { who: Who; children: ReactNode }) {
  const signOut = useSignOut();
  const { resolvedTheme, setTheme } = useTheme();
  const other = resolvedTheme === "dark" ? "light" : "dark";
  return (
    <Box minH="100vh">
      <Link href="#main" position="absolute" left="-999px" _focus={{ left: "4", top: "4" }}>
        Skip to the page
      </Link>
      <Box as="header" bg="bg" borderBottomWidth="1px">
        <Container maxW="6xl">
          <Flex h="14" align="center" gap={{ base: "1", md: "6" }}>
            <HStack gap="2">
              <Image src="/mark.svg" alt="Rope Bridge" boxSize="6" hideFrom="sm" />
              <Image src="/mark.svg" alt="" boxSize="6" hideBelow="sm" />
              <Text fontWeight="semibold" hideBelow="sm">
                Rope Bridge
              </Text>
            </HStack>
            <HStack as="nav" gap="1" flex="1" minW="0" overflowX="auto" aria-label="Pages">
              <Page to="/ask">Ask</Page>
              <Page to="/model">Model</Page>
              {isAuthor(who) && (
                <>
                  <Page to="/draft">Draft</Page>
                  <Page to="/gaps">Gaps</Page>
                  <Page to="/use">Use</Page>
                  <Page to="/health">Health</Page>
                  <Page to="/sources">Sources</Page>
                </>
              )}
              {isSteward(who) && <Page to="/people">People</Page>}
            </HStack>
            <Link asChild textStyle="sm" color="fg.muted" hideBelow="md" title="My questions">
              <NavLink to="/mine">
                {who.displayName}, {who.role}
              </NavLink>
            </Link>
            <Button size="sm" variant="ghost" onClick={() => setTheme(other)}>
              {other === "dark" ? "Dark" : "Light"}
            </Button>
            <Button
              size="sm"
              variant="ghost"
              loading={signOut.isPending}
              onClick={() => signOut.mutate()}
            >
              Sign out
            </Button>
          </Flex>
        </Container>
      </Box>
      <Container as="main" id="main" maxW="6xl" py="6">
        {children}
      </Container>
    </Box>
  );
}

function Page({ to, children }: { to: string; children: ReactNode }) {
  return (
    <Button asChild size="sm" px="2.5" variant="ghost" _currentPage={{ bg: "bg.emphasized" }}>
      <NavLink to={to}>{children}</NavLink>
    </Button>
  );
}
