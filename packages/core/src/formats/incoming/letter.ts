/** What belongs to the letter that changes came in, and not to the tune. */
const GREETING = /^(?:hi|hello|hey|dear|hallo|ciao|salut|hej)\b[^|]{0,60}[,!.:]$/i;
const SIGN_OFF =
  /^(?:see (?:you|ya)|cheers|best|thanks|thank you|(?:kind |best )?regards|love|bye|yours|all the best|take care)\b[^|]{0,60}$/i;

export const isGreeting = (words: string): boolean => GREETING.test(words);
export const isSignOff = (words: string): boolean => SIGN_OFF.test(words);
