<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Document\Reading\Upgrade;

/**
 * The same pieces for the other side: mirrored, in rooms of their own that nobody has measured yet. What was read, cut, bought or decided
 * stays with the first; what things cost, how one works and what one works with comes along.
 */
final class MirroredProject
{
    private const LEFT_RIGHT = ['left' => 'right', 'right' => 'left', 'left_flank' => 'right_flank', 'right_flank' => 'left_flank'];

    /** What a person wrote is never read as a side. */
    private const WORDS = ['name', 'note', 'text', 'colour', 'sheen', 'order'];

    private const KEPT = ['format', 'version', 'unit', 'as_of', 'methods', 'workshop', 'way_in', 'stored', 'lumber', 'house', 'limits'];

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed> a document without an id
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function of(array $document, string $name): array
    {
        ProjectReader::read($document);
        $document = Upgrade::toCurrent($document);
        $part = fn (string $key): array => is_array($document[$key] ?? null) ? $document[$key] : [];

        return array_intersect_key($document, array_flip(self::KEPT)) + [
            'name' => $name,
            'spaces' => array_map(self::space(...), $part('spaces')),
            'pieces' => array_map(fn (mixed $piece): mixed => self::mirrored(is_array($piece) ? array_diff_key($piece, ['offsets' => 1]) : $piece),
                $part('pieces')),
            'stock' => array_map(self::material(...), $part('stock')),
            'shop' => self::without($part('shop'), 'lines', 'budget_cents')
                + (isset($part('shop')['lines'])
                ? ['lines' => array_map(fn (mixed $l): array => self::without(is_array($l) ? $l : [], 'in_hand'), (array) $part('shop')['lines'])] : []),
            'make' => self::without($part('make'), 'order'),
            'calendar' => array_intersect_key($part('calendar'), array_flip(['week', 'quiet_until', 'quiet_from', 'quiet_days', 'outdoors'])),
            'layouts' => [],
            'facts' => [],
        ];
    }

    /** Left for right, all the way down; what stands side by side comes in the other order. */
    public static function mirrored(mixed $value, string $key = ''): mixed
    {
        if (! is_array($value)) {
            return is_string($value) && ! in_array($key, self::WORDS, true) ? (self::LEFT_RIGHT[$value] ?? $value) : $value;
        }
        // A stud that a bay ends at was found on the other side.
        if ($key === 'width' && ($value['by'] ?? null) === 'stud') {
            return ['by' => 'share'];
        }
        $mirrored = [];
        foreach ($value as $name => $inner) {
            $mirrored[self::LEFT_RIGHT[$name] ?? $name] = self::mirrored($inner, (string) $name);
        }

        return $key === 'bays' ? self::reversed($mirrored) : $mirrored;
    }

    /**
     * @param  array<array-key, mixed>  $bays
     * @return array<array-key, mixed>
     */
    private static function reversed(array $bays): array
    {
        $order = fn (array|string|int|float|bool|null $bay): string => is_array($bay) && is_string($bay['order'] ?? null) ? $bay['order'] : '';
        /** @var array<array-key, array<array-key, mixed>> $bays */
        $ids = array_keys($bays);
        usort($ids, fn (int|string $a, int|string $b): int => [$order($bays[$b]), (string) $b] <=> [$order($bays[$a]), (string) $a]);
        foreach ($ids as $i => $id) {
            $bays[$id]['order'] = sprintf('%03d', $i);
        }

        return $bays;
    }

    /** @return array<array-key, mixed> its kind and its walls, unmeasured */
    private static function space(mixed $space): array
    {
        $space = is_array($space) ? self::without($space, 'readings', 'things', 'footprint') : [];
        /** @var array<array-key, mixed> $mirrored */
        $mirrored = self::mirrored($space);
        $build = is_array($mirrored['build'] ?? null) ? ['build' => self::without($mirrored['build'], 'studs', 'first_stud')] : [];

        return [...$build] + self::without($mirrored, 'build') + ['readings' => []];
    }

    /** @return array<array-key, mixed> what was in hand is used up */
    private static function material(mixed $material): array
    {
        $material = is_array($material) ? $material : [];
        $sizes = array_filter(is_array($material['sizes'] ?? null) ? $material['sizes'] : [],
            fn (mixed $s): bool => ! is_array($s) || ($s['in_hand'] ?? false) !== true);

        return self::without($material, 'sizes', 'limit') + ($sizes === [] ? [] : ['sizes' => $sizes]);
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return array<array-key, mixed>
     */
    private static function without(array $of, string ...$keys): array
    {
        return array_diff_key($of, array_flip($keys));
    }
}
