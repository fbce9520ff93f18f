/** Lines of a letter's head that name those it goes to, and those that say something else. */
export const HEADER =
  /^\s*(?:to|cc|bcc|an|kopie|para|cco|à|aan|destinataires?|destinatari)\s*:\s*(?=\S)/i;

export const SENDER = /^\s*(?:from|von|de|da|van|reply-to|expéditeur)\s*:\s*(.*)$/i;

/** What stands beside those lines in the head of a letter, whether it says to whom or not. */
export const SUBJECT =
  /^\s*(?:subject|date|sent|re|fwd?|betreff|datum|gesendet|asunto|fecha|objet|oggetto|assunto|onderwerp)\s*:/i;
