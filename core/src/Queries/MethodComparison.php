<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Fit\Totals;
use Incastro\Core\Planning\Planning;

/**
 * What each school of practice comes to on one piece: for every choice the changes that would make it, and figures from a
 * plan of the document so changed. Nothing is estimated.
 */
final class MethodComparison
{
    private const METHODS = ['front' => ['banded', 'face_frame'], 'joint' => ['pocket_screws', 'screws', 'dowels', 'dado'],
        'top' => ['between', 'capping', 'rails'], 'back' => ['none', 'applied', 'captured']];

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<array{school: string, choices: list<array<string, mixed>>}>
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function of(array $document, string $pieceId): array
    {
        $project = ProjectReader::read($document);
        $piece = $project->pieces[$pieceId] ?? throw new \OutOfBoundsException("No piece by that id: $pieceId.");
        $space = $project->spaces[$piece->space];
        $schools = [];
        foreach (self::METHODS as $method => $choices) {
            $now = $piece->methods->{$method}->value;
            $schools[] = ['school' => $method,
                'choices' => array_map(fn (string $c): array => ['choice' => $c] + self::planned($document, $pieceId, $c === $now,
                    self::method($piece, $method, $c)),
                    $choices)];
        }
        if ($space->left === SideKind::Wall || $space->right === SideKind::Wall) {
            $schools[] = ['school' => 'edges',
                'choices' => array_map(
                    fn (EdgeKind $k): array => ['choice' => $k->value] + self::planned($document, $pieceId,
                        $piece->left->kind === $k && $piece->right->kind === $k, self::edges($piece, $k)),
                    [EdgeKind::Filler, EdgeKind::ExtendedStile, EdgeKind::ScribedSide])];
        }
        $hung = self::hung($piece);
        if ($hung !== []) {
            $schools[] = ['school' => 'doors',
                'choices' => array_map(
                    fn (string $hang): array => ['choice' => $hang] + self::planned($document, $pieceId,
                        array_unique(array_column($hung, 1)) === [$hang], self::doors($hung, $hang)), ['inset', 'overlay'])];
        }

        return $schools;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<array<string, mixed>>  $ops
     * @return array<string, mixed>
     */
    private static function planned(array $document, string $piece, bool $now, array $ops): array
    {
        $change = Change::read(['change_id' => str_pad('0', 26, '0'), 'base_revision' => 1, 'ops' => $ops]);
        $planning = new Planning($now ? $document : Changes::apply($document, $change)->document);
        $stops = count(array_filter($planning->findings(), fn (Finding $f): bool => $f->severity === Severity::Stop));
        $built = $planning->pieces()[$piece] ?? null;

        return ['now' => $now, 'ops' => $ops, 'stops' => $stops,
            'sheets' => array_sum(array_map(fn (Nested $n): int => count($n->sheets), $planning->cutting()->nested)),
            'totals' => $built === null ? null : (new Totals($built->fit->panels, $built->design, $built->weight,
                array_sum($planning->assembly()->fastened($piece)->counts())))->written()];
    }

    /** @return list<array<string, mixed>> */
    private static function method(Piece $piece, string $method, string $choice): array
    {
        return [['op' => 'set', 'path' => ['pieces', $piece->id, 'methods', $method], 'value' => $choice]];
    }

    /** @return list<array<string, mixed>> */
    private static function edges(Piece $piece, EdgeKind $kind): array
    {
        $ops = [];
        foreach (Side::cases() as $side) {
            $ops[] = ['op' => 'set', 'path' => ['pieces', $piece->id, $side->value],
                'value' => ['kind' => $kind->value, 'set_off' => $kind->usualSetOff()->millimetres()]];
        }

        return $ops;
    }

    /**
     * @param  list<array{list<string>, string}>  $hung
     * @return list<array<string, mixed>>
     */
    private static function doors(array $hung, string $hang): array
    {
        return array_map(fn (array $h): array => ['op' => 'set', 'path' => [...$h[0], 'door', 'hang'], 'value' => $hang], $hung);
    }

    /** @return list<array{list<string>, string}> where each hinged door is in the document, and how it hangs */
    private static function hung(Piece $piece): array
    {
        $hung = [];
        foreach ($piece->runs as $run) {
            array_push($hung, ...self::hungIn($run->bands, ['pieces', $piece->id, 'runs', $run->id]));
        }

        return $hung;
    }

    /**
     * @param  array<string, Band>  $bands
     * @param  list<string>  $path
     * @return list<array{list<string>, string}>
     */
    private static function hungIn(array $bands, array $path): array
    {
        $hung = [];
        foreach ($bands as $band) {
            foreach ($band->bays as $bay) {
                $own = [...$path, 'bands', $band->id, 'bays', $bay->id];
                $isHung = $bay->door !== null && in_array($bay->door->kind, [DoorKind::Hinged, DoorKind::Lift, DoorKind::Drop], true);
                array_push($hung, ...($isHung ? [[$own, $bay->door->is->choice('hang')]] : []), ...self::hungIn($bay->bands, $own));
            }
        }

        return $hung;
    }
}
