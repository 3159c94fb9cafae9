// Machines may be busy; a test that is right passes however slowly.
jest.setTimeout(60_000);
