<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\MadePiece;
use Incastro\Core\Cut\Orders;
use Incastro\Core\Cut\Part;
use Incastro\Core\Cut\Serving;
use Incastro\Core\Cut\Worth;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A piece that was cut, or lies on a begun sheet, and is not what the plan wants of it now: it keeps its size, and what that means is said. */
final class CutAlready
{
    /** @return list<Finding> */
    public function of(Cutting $cutting): array
    {
        $parts = array_column(array_map(fn (Part $p): array => [$p->panel->id, $p], $cutting->parts), 1, 0);
        $findings = [];
        foreach ($cutting->started->pieces as $piece) {
            $part = $piece->serves === null ? null : $parts[Orders::partOf($piece->serves)];
            if ($part !== null && $piece->isOpen() && $piece->serving !== null) {
                $findings[] = self::found($part, $piece, $piece->serving);
            }
        }

        return $findings;
    }

    private static function found(Part $part, MadePiece $piece, Serving $serving): Finding
    {
        $isShort = $serving->worth === Worth::Short;
        $code = $isShort ? 'log.cut_short' : 'log.cut_trim';
        [$length, $width] = $piece->partSize();
        $args = ['part' => $part->panel->name, 'length' => $length, 'width' => $width, 'now' => $length->minus(Length::ofUnits($serving->overLength)), 'wide' => $width->minus(Length::ofUnits($serving->overWidth))];

        return new Finding($code, $isShort ? Severity::Stop : Severity::Look, new Place('log', $part->panel->id), Text::of($code, ...$args), Text::of("$code.remedy", ...$args), Text::of('source.log'));
    }
}
