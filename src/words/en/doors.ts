/** English words of the doors of the house. */
export const doors = {
  theHouse: "The house",
  whoMayComeIn: "How tablets find it, what it is called, and what may send to it.",
  howTabletsFindIt: "How tablets find it",
  openItThere: "On a tablet in the same network open:",
  pointTheCamera: "Or point its camera here",
  onlyThisMachine: "Only this machine can open it now.",
  howToOpenIt: "To open it to the kitchen’s network, stop it and start it with <code>npm start -- --open</code>.",
  noNetwork: "This machine is in no network: no tablet can find it.",
  itsNames: "What it is called",
  noNames:
    "It answers to its addresses, to localhost and to names that end in .local. A name of your own network is added here.",
  whyNames:
    "A page of somebody else could give a name of its own to this machine and reach the house through it. Under a name that is not here nobody is let in.",
  aName: "Another name",
  nameExample: "gaffel.lan",
  addIt: "Add it",
  takeItOut: "Take it out",
  noSuchName: "Letters, numbers, hyphens and dots, as in gaffel.lan.",
  atMostTenNames: "Ten names are enough.",
  itIsNoted: "Noted in the book.",
  keys: "What may send to the house",
  noKeys:
    "No sensor, scale, probe or till has a key. They are made where the thing is: a place, Boards, Probes, the Line.",
  keysAreHashed: "A key is shown once, when it is made. The house keeps only its digest, so nobody can read it here.",
  keyOf:
    "{kind, select, sensor {Sensor in {name}} scale {Scale {name}} probe {Probe {name}} other {Tickets from {name}}}",
  madeBy: "made {day} by {who}",
  lastSeen: "last heard {when}",
  neverSeen: "never heard",
  endIt: "End it",
  keyHasEnded: "The key of {name} has ended.",
  thatKeyHasEnded: "That key has ended already.",
} as const;
