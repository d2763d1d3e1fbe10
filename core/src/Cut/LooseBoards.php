<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\LooseBoard;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Boards that belong to no piece, as panels among all others. */
final class LooseBoards
{
    /** @return list<Panel> */
    public static function of(Project $project): array
    {
        $panels = [];
        foreach ($project->loose as $board) {
            for ($n = 1; $n <= $board->count; $n++) {
                $panels[] = self::panel($project, $board, $n);
            }
        }

        return $panels;
    }

    private static function panel(Project $project, LooseBoard $board, int $n): Panel
    {
        $zero = Length::zero();
        $thick = $project->stock[$board->material]->thickness;
        $solid = $board->outline === [] ? Prism::of(new Block(new Place3($zero, $zero, $zero), new Place3($board->length, $thick, $board->width)), Axis::Y)
            : new Prism(Axis::Y, array_map(fn (array $p): Point => new Point(...$p), $board->outline), $zero, $thick);
        $size = fn (Length $of, string $key): Figure => Figure::of($of, Text::of('cut.loose_size'), "$board->id/$key");

        return new Panel("$board->id:loose_$n", '', $board->grain ? Role::Loose : Role::LooseFree,
            Text::of($board->count === 1 ? 'part.loose' : 'part.loose_of', name: $board->name, n: $n),
            $board->material, $size($board->length, 'length'), $size($board->width, 'width'), $solid, Axis::X, Axis::Y);
    }
}
