/** What the seat's page itself says; the words of the trade come from core/words. */
export const seatEnglish = {
  seat: 'Seat {{number}}',
  stepOf: 'Step {{number}} of {{count}}',
  loading: 'Opening your seat …',
  cannotOpen: 'This seat does not open',
  tryAgain: 'Try again',
  failed: {
    noConnection:
      'The workshop’s computer cannot be reached. Look whether this device is on the room’s Wi-Fi.',
    wrongLink:
      'This link leads to no seat. Scan the code on your bag again, or ask your instructor for your seat’s link.',
    endedLink:
      'This link has ended: the evening is over, or the seat has a new link. Scan the code on your bag again, or ask your instructor.',
    tooManyTries:
      'Too many wrong links from this device. Wait a quarter of an hour, or ask your instructor.',
    trouble:
      'The workshop’s computer has trouble. Nothing you did is lost. Try again, or tell your instructor.',
  },
  youBuild: 'You build: {{kit}}',
  opensByItself: 'This page opens by itself when the evening begins.',
  keepOpen: 'Keep this page open: without Wi-Fi it cannot be opened again.',
  practiseUntilThen: 'Practise until then',
  saved: 'Saved',
  sending: 'Sending {{count}} …',
  offline: 'No network. Go on working: what you do is kept here and sent later.',
  offlineWaiting_one: 'No network. Go on working: {{count}} entry is kept here and sent later.',
  offlineWaiting_other:
    'No network. Go on working: {{count}} entries are kept here and sent later.',
  doNotReload:
    'Do not reload this page or close it until the network is back: it could not be opened.',
  places: 'Places on the board: {{places}}',
  noPlace: 'no place of its own',
  pictureOnMat: 'On your mat',
  onBoard: 'On the board',
  boardMarkOf: 'The print on the board for the {{what}}',
  map: 'Where on the board',
  turnOver: 'Turn it over',
  turnBack: 'Turn it back',
  wholeBoard: 'Whole board',
  closer: 'Closer',
  moreHeat: '{{places}}: more heat, longer.',
  heatPlane:
    'A joint here hangs on a large area of copper that draws the heat away. Keep the iron on until the solder flows by itself.',
  heatLarge: 'The pad is large. Keep the iron on until the solder flows all round it.',
  heatAbout:
    'With this room’s iron about {{from}} s before you feed; an ordinary pad takes {{ordinary}} s.',
  heatBetween:
    'With this room’s iron {{from}} to {{to}} s before you feed; an ordinary pad takes {{ordinary}} s.',
  heatFrom:
    'With this room’s iron {{from}} s or much longer before you feed; an ordinary pad takes {{ordinary}} s. If it does not flow after 8 s, stop and ask for a broader tip.',
  heatNever:
    'Touch alone does not get this joint hot with this room’s iron. Melt a little solder where tip, pad and lead meet, wait until it flows, then feed. If it does not flow after 8 s, stop and ask for a broader tip.',
  beforeTurning: 'Before you turn the board',
  how: 'How',
  wayRound: 'Which way round',
  thisLot:
    'As the note above says: these come from a lot whose marks are not the usual ones. It counts more than anything else on this page.',
  guide: 'More about the {{what}}',
  otherwise: 'Otherwise',
  expect: 'What you should see',
  why: 'Why now?',
  cautionLocal: 'What your instructor and this room’s rules say comes first.',
  done: 'Done',
  checkDone: 'Yes, it is so',
  checkFailed: 'No, it is not',
  practise: 'Practise for the next one',
  practiseWaiting: 'Waiting for something? Practise meanwhile',
  back: 'Back one step',
  wrong: 'Something went wrong',
  help: 'Ask for help',
  helpAsked: 'Help is coming',
  helpAskedAgo_one: 'You asked {{count}} minute ago. Leave everything as it is.',
  helpAskedAgo_other: 'You asked {{count}} minutes ago. Leave everything as it is.',
  helpAskedNow: 'You asked just now. Leave everything as it is.',
  helpWithdraw: 'No longer needed',
  whatWrong: 'What went wrong?',
  whatWrongHint: 'It happens to everybody. Say it, so that it can be put right.',
  whichStep: 'At which step?',
  whichPart: 'Which part?',
  notSure: 'Not sure',
  close: 'Close',
  understood: 'Got it, go on',
  takeBack: 'That was a slip, take it back',
  finished: 'Your board is done',
  finishedText:
    'Every step and every check is behind you. Switch off, put the iron in its stand, and wash your hands before you eat.',
  notSaved:
    'One entry could not be saved. It is kept on this device. Tell your instructor what you wanted to say.',
  discard: 'Delete it',
  told: {
    title: 'Your instructor tells everyone',
    now: 'This is about the step you are at.',
    ahead: 'This is about step {{number}}, which is still before you.',
    'to-check':
      'You have done step {{number}} already. Leave it as it is: somebody comes to look at it.',
  },
  wellDone: 'Well done, says your instructor.',
  bring: 'Not in your bag: ask for it.',
  language: 'Language',
  burn: 'Burnt yourself? Cool running water for 20 minutes, and tell your instructor now.',
};
