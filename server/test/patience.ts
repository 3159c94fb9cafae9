// Machines may be busy, and each test makes a database of its own; one that is right passes however slowly.
jest.setTimeout(60_000);
