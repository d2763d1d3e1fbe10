<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Details;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Fields\Settings;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Paint has a thickness: about 0.05 mm a coat and face (fieldbook §10, 0.1 to 0.15 for three). An inset front keeps a gap of 1.5 with it on
 * both edges (fieldbook §6).
 */
final class PaintTight implements Check
{
    private const COAT_MM = 0.05;

    private const LEAST_MM = 1.5;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->piece->coats === 0 ? [] : $built->design->cells as $id => $cell) {
            foreach (['fill' => $this->inset($cell->bay->fill->kind === FillKind::Drawers ? $cell->bay->fill->is : null, 'front'),
                'door' => $this->inset($cell->bay->door?->is, 'hang')] as $what => $gap) {
                $paint = 2 * $built->piece->coats * self::COAT_MM;
                $left = $gap?->minus(FindingFactory::up($paint));
                $limit = FindingFactory::up(self::LEAST_MM);
                if ($gap !== null && $left !== null && $left->isLessThan($limit)) {
                    $wanted = $limit->plus(FindingFactory::up($paint));
                    $findings[] = FindingFactory::look('piece.paint_tight', Place::inPiece($id), 'paint',
                        ['bay' => $cell->label, 'gap' => $gap, 'left' => $left, 'limit' => $limit, 'coats' => $built->piece->coats])
                        ->measuring($left, $limit)->curedBy($built->cure(Text::of('piece.paint_tight.fix', gap: $wanted), $id, [$what, 'gap'], $wanted));
                }
            }
        }

        return $findings;
    }

    /** The gap of a front that lies in its opening; null where it lies over it. */
    private function inset(?Settings $is, string $key): ?Length
    {
        return $is !== null && $is->optionalLength('gap') !== null && $is->has($key) && $is->choice($key) === 'inset' ? $is->length('gap') : null;
    }
}
