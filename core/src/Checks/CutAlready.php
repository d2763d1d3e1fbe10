<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Begun\MadePiece;
use Incastro\Core\Cut\Begun\Serving;
use Incastro\Core\Cut\Begun\Worth;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Part;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A piece that was cut, or lies on a begun sheet, and is not what the plan wants of it now: it keeps its size, and what that means is said. */
final class CutAlready
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $parts = array_column(array_map(fn (Part $p): array => [$p->panel->id, $p], $cutting->parts), 1, 0);
        $findings = [];
        foreach ($cutting->started->pieces as $piece) {
            $part = $piece->serves === null ? null : $parts[$cutting->laid->part($piece->serves)];
            if ($part !== null && $piece->isOpen() && $piece->serving !== null) {
                $findings[] = self::found($part, $piece, $piece->serving);
            }
        }

        return [...$findings, ...self::boards($project, array_diff_key($parts, $cutting->started->cut()))];
    }

    /**
     * What was cut in a step, not from a sheet at the saw.
     *
     * @param  array<string, Part>  $parts
     * @return list<Finding>
     */
    private static function boards(Project $project, array $parts): array
    {
        $findings = [];
        foreach ($project->log->boards() as $id => [$length, $width]) {
            $over = isset($parts[$id]) ? [$length->minus($parts[$id]->length->value), $width->minus($parts[$id]->width->value)] : [];
            $off = array_filter($over, fn (Length $l): bool => $l->absolute()->isGreaterThan($project->workshop->partTolerance));
            if ($off !== []) {
                $code = array_filter($off, fn (Length $l): bool => $l->isNegative()) === [] ? 'log.cut_trim' : 'log.cut_short';
                $findings[] = self::said($code, $parts[$id], [$length, $width], "$code.remedy_step");
            }
        }

        return $findings;
    }

    private static function found(Part $part, MadePiece $piece, Serving $serving): Finding
    {
        $code = $serving->worth === Worth::Short ? 'log.cut_short' : 'log.cut_trim';
        [$length, $width] = $piece->partSize();

        return self::said($code, $part, [$length, $width], "$code.remedy");
    }

    /** @param  array{Length, Length}  $cut  as it was cut: along and across */
    private static function said(string $code, Part $part, array $cut, string $remedy): Finding
    {
        [$length, $width] = $cut;
        $args = ['part' => $part->panel->name, 'length' => $length, 'width' => $width, 'now' => $part->length->value, 'wide' => $part->width->value];

        return new Finding($code, $code === 'log.cut_short' ? Severity::Stop : Severity::Look,
            new Place(WorkStage::Log, $part->panel->id), Text::of($code, ...$args), Text::of($remedy, ...$args), Text::of('source.log'));
    }
}
