<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Cell;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/**
 * Slides are rated for one and a half times what they carry at full extension (fieldbook §6, §12); more than three times that is money
 * left in the cupboard. Four castors stand on three: each is rated for a third.
 */
final class RunnersRated implements Check
{
    private const OVER = 1.5;

    private const TOO_GOOD = 3.0;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            $fill = $cell->bay->fill;
            $moving = $built->movingIn($id);
            if (! in_array($fill->kind, [FillKind::Drawers, FillKind::PullOut, FillKind::Caddy], true) || $moving === []) {
                continue;
            }
            $n = $fill->kind === FillKind::Drawers ? $fill->is->count('count') : 1;
            $kg = array_sum(array_map($built->weight->of(...), $moving)) / $n + $this->carries($cell, $built, $n);
            $wanted = $this->wanted($cell, $kg);
            $rating = $fill->is->count('rating');
            $code = match (true) {
                $rating < round($wanted, 6) => $fill->isOnCastors() ? 'strength.castors_weak' : 'strength.slides_weak',
                ! $fill->isOnCastors() && $rating > round(self::TOO_GOOD * $wanted, 6) => 'strength.slides_strong',
                default => null,
            };
            if ($code !== null) {
                $findings[] = $this->say($code, $cell, $kg, $built);
            }
        }

        return $findings;
    }

    /** kg in one drawer, or on the whole rack. */
    private function carries(Cell $cell, PlacedPiece $built, int $n): float
    {
        $levels = match ($cell->bay->fill->kind) {
            FillKind::Drawers => 1,
            FillKind::PullOut => 1 + $cell->bay->fill->is->count('shelves'),
            default => $cell->bay->fill->is->count('shelves'),
        };
        $listed = Stowed::listed($cell, $built);

        return $listed !== null ? $listed / $n
            : $levels * Stowed::usual($cell->bay->fill, (float) $cell->x->value()->millimetres(), (float) $cell->y->value()->millimetres());
    }

    private function wanted(Cell $cell, float $kg): float
    {
        return $cell->bay->fill->isOnCastors() ? $kg / 3 : $kg * self::OVER;
    }

    private function say(string $code, Cell $cell, float $kg, PlacedPiece $built): Finding
    {
        $needs = max(5, (int) ceil(round($this->wanted($cell, $kg), 6)));
        $args = ['bay' => $cell->label, 'kg' => FindingFactory::tenths($kg), 'wanted' => $needs, 'rating' => $cell->bay->fill->is->count('rating')];

        return $code === 'strength.slides_strong' ? FindingFactory::note($code, Place::inPiece($cell->bay->id), 'runners', $args)
            : FindingFactory::look($code, Place::inPiece($cell->bay->id), 'runners', $args)->curedBy($needs > FillKind::MOST_RATING
            ? null : $built->cure(Text::of('strength.runners.fix', wanted: $needs), $cell->bay->id, ['fill', 'rating'], $needs));
    }
}
