<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Queries\ReworkProposal;

/** Documents with sheets that were begun, for tests of what becomes of them. */
final class Replanning
{
    /** @return array<string, mixed> the first worked example with shelves: two sheets of ply */
    public static function shelves(): array
    {
        $document = Sample::e1();
        foreach (range(1, 5) as $n) {
            $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY',
                1)]['fill']['shelves'][Sample::id('SHE', $n)] = ['order' => "s$n"];
        }

        return $document;
    }

    /**
     * The first sheets of a material begun as they are laid.
     *
     * @param  array<string, mixed>  $document
     * @param  float  $share  of its cuts that were made, in their order
     * @return array<string, mixed>
     */
    public static function begun(array $document, int $sheets, float $share, int $material = 0): array
    {
        // A piece of nothing but bought things has none.
        $planned = Planned::of($document)->plan['cut'][$material] ?? ['sheets' => []];
        foreach (array_slice($planned['sheets'], 0, $sheets) as $n => $sheet) {
            $begun = Sample::id('BEGVN', $n + 1);
            $document['facts'][$begun] = ['kind' => 'begun', 'material' => $planned['material'], 'length' => $sheet['length'],
                'width' => $sheet['width'], 'trims' => $sheet['trims'], 'kerf' => $planned['kerf'],
                'parts' => array_map(fn (array $p): array => ['part' => $p['part'].($p['half'] ? '~'.$p['half'] : ''), 'x' => $p['x_mm'],
                    'y' => $p['y_mm'], 'length' => $p['length_mm'], 'width' => $p['width_mm'], 'turned' => $p['turned']], $sheet['placements'])]
                + ($sheet['size'] === $planned['material'] ? [] : ['size' => $sheet['size']]);
            foreach (array_slice($sheet['cuts'], 0, (int) ceil($share * count($sheet['cuts']))) as $cut) {
                $document['facts'][Sample::id('SAWN', 100 * $n + $cut['order'])] = ['kind' => 'sawn', 'begun' => $begun, 'cut' => $cut['order']];
            }
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{array<string, mixed>, Planned, array<string, mixed>} what is proposed, the plan once it is taken, and the document then
     */
    public static function taken(array $document): array
    {
        $proposed = json_decode(json_encode(ReworkProposal::propose($document), JSON_THROW_ON_ERROR), true);
        $after = $proposed['ops'] === [] ? $document : Changes::apply($document, Change::of($proposed['ops']))->document;

        return [$proposed, Planned::of($after), $after];
    }
}
