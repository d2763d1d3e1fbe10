<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Part;
use Incastro\Core\Document\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A part was cut, or lies on a begun sheet, and the plan now wants it another size: it keeps its size, and what that means is said. */
final class CutAlready
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $parts = [];
        foreach ($cutting->parts as $part) {
            $parts[$part->panel->id] = $part;
        }
        $findings = [];
        foreach ($project->log->begun as $begun) {
            foreach ($begun->parts as $p) {
                $part = $parts[$p['part']] ?? null;
                [$l, $w] = $p['turned'] ? [$p['width'], $p['length']] : [$p['length'], $p['width']];
                if ($part !== null && ! $project->log->isSpoiled($begun->id, $p['part']) && ! ($part->length->value->equals($l) && $part->width->value->equals($w))) {
                    $findings[] = self::found($part, $l, $w);
                }
            }
        }

        return $findings;
    }

    private static function found(Part $part, Length $length, Length $width): Finding
    {
        $isShort = $length->isLessThan($part->length->value) || $width->isLessThan($part->width->value);
        $code = $isShort ? 'log.cut_short' : 'log.cut_trim';
        $args = ['part' => $part->panel->name, 'length' => $length, 'width' => $width, 'now' => $part->length->value, 'wide' => $part->width->value];

        return new Finding($code, $isShort ? Severity::Stop : Severity::Look, new Place('cut', $part->panel->id), Text::of($code, ...$args), Text::of("$code.remedy", ...$args), Text::of('source.log'));
    }
}
