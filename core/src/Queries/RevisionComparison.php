<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Document\DocumentRejected;
use Incastro\Core\Document\Upgrade;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planner;
use Incastro\Core\Queries\History\ChangeDescriber;

/** Two documents side by side: what is different in room and piece, which parts that makes, and what it comes to. */
final class RevisionComparison
{
    /**
     * `parts`: a row a part, by how many there are of a size; lengths finished. `before` and `after`: what each comes to; minutes to the last coat.
     *
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $to
     * @return array{rows: list<array{area: string, what: Text, before: Text|null, after: Text|null}>, parts: list<array<string, mixed>>, before: array<string, int>, after: array<string, int>}
     *
     * @throws DocumentRejected when one of them cannot be read
     */
    public static function between(array $from, array $to): array
    {
        [$was, $is] = [self::planned($from), self::planned($to)];

        return [
            'rows' => ChangeDescriber::between(Upgrade::toCurrent($from), Upgrade::toCurrent($to)),
            'parts' => self::parts($was, $is),
            'before' => self::comesTo($was),
            'after' => self::comesTo($is),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function planned(array $document): array
    {
        $plan = json_decode(Planner::plan($document)->toJson(), true, 512, JSON_THROW_ON_ERROR);

        return is_array($plan) ? $plan : [];
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $is
     * @return list<array<string, mixed>>
     */
    private static function parts(array $was, array $is): array
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

    /**
     * @param  array<array-key, mixed>  $plan
     * @return array<string, array{label: string, name: mixed, size: list<float>, material: string}>
     */
    private static function byId(array $plan): array
    {
        $parts = [];
        /** @var list<array{id: string, label: string, name: mixed, material_name: string, thickness: float|int, finished: array{length: array{mm: float|int}, width: array{mm: float|int}}}> $all */
        $all = $plan['parts'] ?? [];
        foreach ($all as $p) {
            $size = [(float) $p['finished']['length']['mm'], (float) $p['finished']['width']['mm'], (float) $p['thickness']];
            $parts[$p['id']] = ['label' => $p['label'], 'name' => $p['name'], 'size' => $size, 'material' => $p['material_name']];
        }

        return $parts;
    }

    /**
     * @param  array<array-key, mixed>  $plan
     * @return array{parts: int, sheets: int, cents: int, minutes: int, findings: int, stops: int}
     */
    private static function comesTo(array $plan): array
    {
        /** @var array{parts: list<mixed>, cut: list<array{sheets: list<mixed>}>, buy: array{total_cents: int}, schedule: array{minutes: int}, findings: list<array{severity: string, accepted?: mixed}>} $plan */
        $open = array_filter($plan['findings'], fn (array $f): bool => ($f['accepted'] ?? null) === null);

        return [
            'parts' => count($plan['parts']),
            'sheets' => array_sum(array_map(fn (array $m): int => count($m['sheets']), $plan['cut'])),
            'cents' => $plan['buy']['total_cents'],
            'minutes' => $plan['schedule']['minutes'],
            'findings' => count($open),
            'stops' => count(array_filter($open, fn (array $f): bool => $f['severity'] === 'stop')),
        ];
    }
}
