import { Injectable, signal } from '@angular/core';

/** The one thing to do next at a station; the frame shows it in butter yellow. */
export interface NextActOffer {
  readonly label: string;
  run(): void;
}

@Injectable({ providedIn: 'root' })
export class NextAct {
  readonly offer = signal<NextActOffer | undefined>(undefined);
}
