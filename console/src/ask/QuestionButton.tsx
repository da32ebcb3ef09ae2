import { Button, type ButtonProps } from "@chakra-ui/react";

/** A button with a whole question on it, which takes as many lines as it needs. */
export function QuestionButton(props: ButtonProps) {
  return (
    <Button
      variant="surface"
      h="auto"
      minH={props.size === "xs" ? "8" : "10"}
      maxW="full"
      py="1.5"
      whiteSpace="normal"
      textAlign="start"
      {...props}
    />
  );
}
