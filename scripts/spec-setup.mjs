/* global jasmine */
// What the core says is marked for translation; outside the built application, which has it worked in, it speaks as it is written.
import '@angular/localize/init';

// A spec may wait on a machine that does three other things meanwhile.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 60_000;
