<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\Said;
use Incastro\Core\Document\FillKind;
use Incastro\Core\Document\Whereabouts;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Measure\Text;

/** An appliance behind a door and before a closed back cooks itself: air has to come in below and go out above (from practice; the maker's manual decides how much). */
final class ApplianceAir implements Check
{
    public function of(Built $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Appliance && $cell->bay->door !== null && ! $cell->bay->openBack && $cell->by->back !== null) {
                $path = Whereabouts::ofBay($built->piece, $id);
                $findings[] = Said::look('house.appliance_air', $built->bay($id), 'makers', ['bay' => $cell->label], null, null,
                    $path === null ? null : Fix::set(Text::of('piece.no_cable_way.fix'), [...$path, 'open_back'], true));
            }
        }

        return $findings;
    }
}
