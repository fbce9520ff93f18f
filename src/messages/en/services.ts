import type { Why } from '../../services/types';

const ended: Readonly<Record<Extract<Why, { code: 'gone' }>['reason'], string>> = {
  silent:
    'The service does not answer. See whether there is a network and the address is right, and try again.',
  failing: 'The service fails again and again. Try again later; what arrived stays there.',
  busy: 'The service asks for more patience than a minute. Try again later.',
  stopped: 'It was stopped. What had arrived by then stays there; send again for the rest.',
  token: 'The service does not accept the token. Ask for a new one.',
};

/** What hand-offs to services say. */
export const services = {
  ended,
  why: (why: Why): string => {
    switch (why.code) {
      case 'noAddress':
        return 'There is no address.';
      case 'badAddress':
        return `The address "${why.about}" is not complete.`;
      case 'addressElsewhere':
        return `Somebody in ${why.about} has the same address, and nobody can be in two rooms.`;
      case 'unknownUser':
        return 'The service knows nobody with this address.';
      case 'severalUsers':
        return 'The service knows more than one person with this address.';
      case 'notThere':
        return 'The service said yes, but they are not there.';
      case 'refused':
        return why.detail === '' ? 'The service refused it without a reason.' : why.detail;
      case 'gone':
        return ended[why.reason];
    }
  },
};
