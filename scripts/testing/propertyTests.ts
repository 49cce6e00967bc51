import fc from 'fast-check';

// On a developer's machine every run tries other cases; where a red run would stop others, the cases stay the same.
if (process.env.CI) fc.configureGlobal({ seed: 20_260_305 });
