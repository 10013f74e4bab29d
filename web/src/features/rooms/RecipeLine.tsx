import { lazy, Suspense, useState } from 'react';
import type { Recipe, Spot } from '../../api/types';

const RecipeDialog = lazy(async () => ({ default: (await import('./RecipeDialog')).RecipeDialog }));

type Role = Recipe['parts'][number]['role'];

/** What a stylist calls it, without the thing. */
export const ROLE: Record<Role, string> = {
  backdrop: 'backdrop',
  garland: 'garland',
  greenery: 'greenery',
  'tall one': 'tall',
  'mid-high one': 'mid-high',
  'low one': 'low',
  light: 'light',
  ground: 'ground',
  'piece to hang': 'hung',
  wreath: 'wreath',
  cushion: 'cushions',
  throw: 'throw',
  trimming: 'trimmings',
  tree: 'tree',
};

type Props = { spot: Spot; recipe: Recipe; isClosed: boolean };

/** How much of each a spot is to have and has: what is offered goes by what is lacking. */
export function RecipeLine({ spot, recipe, isClosed }: Props) {
  const [isChanging, setChanging] = useState(false);
  const shown = recipe.parts.filter((part) => part.wanted > 0);
  return (
    <div className="flex flex-wrap items-baseline gap-x-3 gap-y-0.5 px-2 text-[13px]/[18px]" data-testid="recipe">
      <span className="note">{recipe.isOwn ? `A ${spot.kind} has, in this home:` : `A ${spot.kind} usually has:`}</span>
      {shown.map((part) => (
        <span key={part.role} className={part.there >= part.wanted ? 'text-ink-3' : 'font-semibold'}>
          {ROLE[part.role]} {part.there >= part.wanted ? '✓' : `${part.there} of ${part.wanted}`}
        </span>
      ))}
      {!isClosed && (
        <button type="button" className="link" onClick={() => setChanging(true)}>
          Change
        </button>
      )}
      <Suspense fallback={null}>{isChanging && <RecipeDialog spot={spot} recipe={recipe} onClose={() => setChanging(false)} />}</Suspense>
    </div>
  );
}
