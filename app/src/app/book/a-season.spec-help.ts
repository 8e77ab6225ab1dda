import { TestBed } from '@angular/core/testing';
import { until } from '../store/visits.spec-help';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { Learning } from '../work/learning';

/** A kitchen with the demo's season in its Book, learned, or with none. */
export function aSeason() {
  const kitchen = demoKitchen();
  const ready = async (withBakes = true) => {
    await kitchen.ready(withBakes);
    const learning = TestBed.inject(Learning);
    if (withBakes) await until(() => (TestBed.tick(), learning.learned() !== undefined));
    return { learning };
  };
  return { ready };
}
