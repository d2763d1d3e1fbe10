<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Upgrade;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Queries\History\ChangeDescriber;

/** Two documents side by side: what is different in room and piece, which parts that makes, and what it comes to. */
final class RevisionComparison
{
    /**
     * `parts`: a row a part, by how many there are of a size; lengths finished. `before` and `after`: what each comes to; minutes to the last coat.
     *
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $to
     * @return array{rows: list<array{area: string, what: Text, before: Text|null, after: Text|null}>, parts: list<array<string, mixed>>,
     *     before: array<string, int>, after: array<string, int>}
     *
     * @throws DocumentRejected when one of them cannot be read
     */
    public static function between(array $from, array $to): array
    {
        [$was, $is] = [new Planning($from), new Planning($to)];

        return [
            'rows' => ChangeDescriber::between(Upgrade::toCurrent($from), Upgrade::toCurrent($to)),
            'parts' => self::parts($was, $is),
            'before' => self::comesTo($was),
            'after' => self::comesTo($is),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function parts(Planning $was, Planning $is): array
    {
        [$before, $after] = [self::byId($was), self::byId($is)];
        $rows = [];
        foreach (array_keys($before + $after) as $id) {
            [$b, $a] = [$before[$id] ?? null, $after[$id] ?? null];
            if ($b !== null && $a !== null && $b['size'] == $a['size'] && $b['material'] === $a['material']) {
                continue;
            }
            $rows[] = ['label' => ($a ?? $b)['label'] ?? '', 'name' => ($a ?? $b)['name'] ?? null,
                'before' => $b === null ? null : ['size' => $b['size'], 'material' => $b['material']],
                'after' => $a === null ? null : ['size' => $a['size'], 'material' => $a['material']]];
        }
        usort($rows, fn (array $x, array $y): int => strnatcmp($x['label'], $y['label']));

        return $rows;
    }

    /** @return array<string, array{label: string, name: Text, size: list<float>, material: string}> */
    private static function byId(Planning $planning): array
    {
        $parts = [];
        foreach ($planning->cutting()->parts as $part) {
            $panel = $part->panel;
            $size = array_map(fn (Length $l): float => (float) $l->millimetres(),
                [$panel->length->value, $panel->width->value, $part->thickness($planning->project->stock)]);
            $parts[$panel->id] = ['label' => $planning->cutting()->labels[$panel->id], 'name' => $panel->name, 'size' => $size,
                'material' => $planning->project->stock[$panel->material]->name];
        }

        return $parts;
    }

    /** @return array{parts: int, sheets: int, cents: int, minutes: int, findings: int, stops: int} */
    private static function comesTo(Planning $planning): array
    {
        $open = array_filter($planning->findings(), fn (Finding $f): bool => $f->accepted === null);

        return [
            'parts' => count($planning->cutting()->parts),
            'sheets' => array_sum(array_map(fn (Nested $n): int => count($n->sheets), $planning->cutting()->nested)),
            'cents' => $planning->shopping()->totalCents(),
            'minutes' => $planning->schedule()->minutes,
            'findings' => count($open),
            'stops' => count(array_filter($open, fn (Finding $f): bool => $f->severity === Severity::Stop)),
        ];
    }
}
