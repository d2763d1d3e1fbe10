<?php

declare(strict_types=1);

namespace Incastro\Core\Queries\History;

use Incastro\Core\Measure\Text;

/** What a place in a document is called: "Chart shelves, bay 2, clear below". */
final readonly class FieldLabel
{
    /** Collections whose members are named after them. */
    private const ONE = ['runs' => 'run', 'bands' => 'band', 'bays' => 'bay', 'shelves' => 'shelf',
        'readings' => 'reading', 'things' => 'thing', 'spaces' => 'space', 'pieces' => 'piece',
        'stock' => 'material', 'sizes' => 'size', 'way_in' => 'way', 'stored' => 'stored',
        'lumber' => 'stick', 'decisions' => 'decision', 'accepted' => 'accepted', 'layouts' => 'layout',
        'lines' => 'line', 'facts' => 'fact', 'fronts' => 'front', 'parts' => 'part', 'offsets' => 'offset', 'rework' => 'rework', 'loose' => 'loose'];

    /** What only holds other things is not said. */
    private const SILENT = ['methods', 'workshop', 'shop', 'make', 'calendar', 'house', 'limits', 'cutting', 'fill', 'finish'];

    /** @param  array<array-key, mixed>  $document  that has the place */
    public function __construct(private array $document)
    {
    }

    /** @param  list<string>  $path */
    public function of(array $path): Text
    {
        $words = [];
        $holder = $this->document;
        foreach ($path as $i => $key) {
            $last = $i === count($path) - 1;
            $within = $path[$i - 1] ?? '';
            $collection = self::isId($key, $within) ? $within : null;
            if ($collection !== null) {
                $words[] = $this->element($collection, $key, $holder);
            } elseif ($last || (! isset(self::ONE[$key]) && ! in_array($key, self::SILENT, true))) {
                $words[] = self::named($key);
            }
            $next = $holder[$key] ?? null;
            $holder = is_array($next) ? $next : [];
        }

        return self::chain($words);
    }

    /** As the catalogue names the field; what no document can hold goes by its own key. */
    private static function named(string $key): Text
    {
        return preg_match('/^[a-z_0-9]{1,40}$/', $key) === 1 ? Text::of("field.$key") : Text::of('history.plain', value: self::words($key));
    }

    private static function isId(string $key, string $within): bool
    {
        return isset(self::ONE[$within]) && ($within === 'lines' || preg_match('/^[0-9A-Z]{26}$/', $key) === 1 || ! preg_match('/^[a-z_]+$/', $key));
    }

    /** @param  array<array-key, mixed>  $siblings */
    private function element(string $collection, string $id, array $siblings): Text
    {
        $element = is_array($siblings[$id] ?? null) ? $siblings[$id] : [];
        if ($collection === 'readings') {
            return Readings::name($this->document, $id);
        }
        if (is_string($element['name'] ?? null) && $element['name'] !== '') {
            return Text::of('history.plain', value: $element['name']);
        }
        if ($collection === 'things' && is_string($element['kind'] ?? null)) {
            return Text::of('history.plain', value: self::words($element['kind']));
        }
        if ($collection === 'lines') {
            return Text::of('history.plain', value: self::words(explode(' ', $id)[0]));
        }

        return Text::of('history.one.'.self::ONE[$collection], nth: self::nth($siblings, $id));
    }

    /**
     * Its number among those beside it, in their order.
     *
     * @param  array<array-key, mixed>  $siblings
     */
    private static function nth(array $siblings, string $id): int
    {
        $order = array_map(fn (mixed $s): string => is_array($s) && is_string($s['order'] ?? null) ? $s['order'] : '', $siblings);
        uksort($order, fn (int|string $a, int|string $b): int => [$order[$a], (string) $a] <=> [$order[$b], (string) $b]);
        $nth = array_search($id, array_map(strval(...), array_keys($order)), true);

        return $nth === false ? count($siblings) + 1 : $nth + 1;
    }

    private static function words(string $key): string
    {
        return str_replace(['_', '.'], ' ', $key);
    }

    /** @param  list<Text>  $words */
    private static function chain(array $words): Text
    {
        $chain = array_shift($words) ?? Text::of('history.plain', value: '');
        foreach ($words as $word) {
            $chain = Text::of('history.in', of: $chain, what: $word);
        }

        return $chain;
    }
}
