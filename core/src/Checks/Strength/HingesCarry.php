<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\HungLeaf;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Motion\Mover;
use Incastro\Core\Fit\Motion\MoverKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * What a hinge carries of a leaf: 4.5 kg up to 600 wide, of a wider one less in proportion, as it pulls the harder (our own figure, on the
 * safe side of usual concealed hinges; the maker's goes before it).
 */
final class HingesCarry implements Check
{
    private const WIDE_MM = 600.0;

    public function of(PlacedPiece $built): array
    {
        $panels = $built->panels;
        $findings = [];
        foreach ($built->fit->motions as $motion) {
            $leaf = array_values(array_filter(array_map(fn (string $id): ?Panel => $panels[$id] ?? null, $motion->mover->parts)));
            if ($motion->mover->kind === MoverKind::Hinged && $leaf !== []
                && array_filter($built->design->hung, fn (HungLeaf $h): bool => in_array($h->board, $motion->mover->parts, true)) !== []) {
                $finding = $this->weighed($motion->mover, $leaf, $built);
                $findings = $finding === null ? $findings : [...$findings, $finding];
            }
        }

        return $findings;
    }

    /** @param  non-empty-list<Panel>  $leaf */
    private function weighed(Mover $mover, array $leaf, PlacedPiece $built): ?Finding
    {
        $kg = $built->weight->of(...$leaf);
        $extent = fn (Axis $axis): Length => Length::greatest(...array_map(fn (Panel $p): Length => $p->block->to($axis), $leaf))
            ->minus(Length::least(...array_map(fn (Panel $p): Length => $p->block->corner->{$axis->value}, $leaf)));
        $width = $extent($leaf[0]->inHouse(Axis::X));
        $n = HungLeaf::hinges($extent(Axis::Z));
        $each = $built->project->limit(Limit::HingeCarries) * min(1.0, self::WIDE_MM / max(1.0, (float) $width->millimetres()));
        $wanted = (int) ceil(round($kg / $each, 6));

        return $wanted <= $n ? null : FindingFactory::look('strength.hinges_few', new Place(WorkStage::Piece, $mover->id), 'hinges',
            ['part' => $mover->name, 'kg' => FindingFactory::tenths($kg), 'n' => $n, 'wanted' => $wanted, 'each' => FindingFactory::tenths($each)]);
    }
}
