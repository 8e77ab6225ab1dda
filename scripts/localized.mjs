// What the core says is marked for translation; outside the built application, which has it worked in, it speaks as it is written.
import '@angular/localize/init';
