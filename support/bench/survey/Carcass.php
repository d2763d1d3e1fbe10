<?php

declare(strict_types=1);

namespace Incastro\Bench\Survey;

use Incastro\Core\Checks\GoesBetweenWalls;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Fit\PiecePlacer;
use Incastro\Core\Survey\Surveyor;

/** A carcass as high and deep as a made-up room, read as the advice for it goes: what the program would have cut, and whether it goes in. */
final class Carcass
{
    /** Left open at either side, mm. */
    public const PLAY = 5.0;

    /** What such an edge takes up of the clear width's doubt (Survey/Need), mm. */
    private const ENOUGH = 3.0;

    /** @return array{asks: bool, jams: bool} asks: it is held, or a stop, before anything is cut */
    public static function of(TrueRoom $room): array
    {
        $project = ProjectReader::read(self::withPiece(Trial::followed($room, self::ENOUGH)->document(), $room->depth));
        $rooms = (new Surveyor($project->workshop))->rooms($project);
        $placed = array_values((new PiecePlacer($project))->pieces($rooms))[0];

        return ['asks' => (new GoesBetweenWalls)->of($placed) !== [], 'jams' => $placed->fit->box->width->value->millimetres() > $room->clearWidth()];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function withPiece(array $document, float $depth): array
    {
        [$piece, $run, $plinth, $box, $bay, $ply] = array_map(fn (int $n): string => "01J000000000000000000001P$n", range(0, 5));
        $play = ['kind' => 'play', 'set_off' => self::PLAY];
        $bands = [
            $plinth => ['order' => 'a', 'kind' => 'plinth', 'height' => TrueRoom::LOW, 'set_back' => 50],
            $box => ['order' => 'b', 'kind' => 'box', 'bays' => [$bay => ['order' => 'a', 'fill' => ['kind' => 'shelves', 'shelves' => []]]]],
        ];

        return ['pieces' => [$piece => ['name' => 'Trial', 'space' => Trial::SPACE, 'order' => 'a', 'height' => TrueRoom::HIGH, 'depth' => round($depth, 1),
            'left' => $play, 'right' => $play, 'material' => $ply, 'methods' => [], 'runs' => [$run => ['order' => 'a', 'bands' => $bands]]]],
            'stock' => [$ply => ['name' => 'Ply 18', 'thickness' => 18, 'sheet_length' => 2440, 'sheet_width' => 1220, 'grain' => true, 'price_cents' => 8900, 'order' => 'a']],
        ] + $document;
    }
}
