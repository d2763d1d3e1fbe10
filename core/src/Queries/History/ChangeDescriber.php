<?php

declare(strict_types=1);

namespace Incastro\Core\Queries\History;

use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Facts\FactKind;
use Incastro\Core\Document\Fields\FieldTable;
use Incastro\Core\Document\Fields\FieldType;
use Incastro\Core\Measure\Text;

/** What is different between two documents, a row a thing, in the reader's words. */
final readonly class ChangeDescriber
{
    /** What a change belongs to, by the root it is under. */
    private const AREAS = ['spaces' => 'room', 'way_in' => 'room', 'pieces' => 'piece',
        'methods' => 'piece', 'stock' => 'material', 'lumber' => 'material', 'shop' => 'material',
        'layouts' => 'sheets', 'cutting' => 'sheets', 'workshop' => 'sheets', 'rework' => 'sheets', 'loose' => 'sheets', 'facts' => 'log'];

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     */
    private function __construct(private array $before, private array $after)
    {
    }

    /**
     * Rows in the order of the document: `area` is room, piece, material, sheets, log or other; `before` and `after` are null where it was not there.
     *
     * @param  array<array-key, mixed>  $before  in today's form
     * @param  array<array-key, mixed>  $after  in today's form
     * @return list<array{area: string, what: Text, before: Text|null, after: Text|null}>
     */
    public static function between(array $before, array $after): array
    {
        return self::operations(Difference::between($before, $after), $before, $after);
    }

    /**
     * What single operations say; for fields set twice the last counts.
     *
     * @param  list<array{op: string, path: list<string>, value: mixed}>  $ops
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @return list<array{area: string, what: Text, before: Text|null, after: Text|null}>
     */
    public static function operations(array $ops, array $before, array $after): array
    {
        $told = new self($before, $after);

        return array_map(fn (array $op): array => $op['path'][0] === 'facts' ? $told->fact($op['path'][1] ?? '', $op['op']) : $told->field($op['path']), $ops);
    }

    /**
     * @param  list<string>  $path
     * @return array{area: string, what: Text, before: Text|null, after: Text|null}
     */
    private function field(array $path): array
    {
        [$was, $is] = [Changes::find($this->before, $path), Changes::find($this->after, $path)];

        return [
            'area' => self::AREAS[$path[0]] ?? 'other',
            'what' => (new FieldLabel($is === null ? $this->before : $this->after))->of($path),
            'before' => ValueLabel::of(FieldTable::at($this->before, $path), $was),
            'after' => ValueLabel::of(FieldTable::at($this->after, $path), $is),
        ];
    }

    /** @return array{area: string, what: Text, before: Text|null, after: Text|null} */
    private function fact(string $id, string $op): array
    {
        $fact = Changes::find($this->after, ['facts', $id]) ?? Changes::find($this->before, ['facts', $id]);
        $fact = is_array($fact) ? $fact : [];
        $gone = $op === 'strike';
        if (($fact['kind'] ?? '') === 'take' && is_string($fact['reading'] ?? null)) {
            $was = $this->standing($fact['reading'], $this->before);
            $is = $this->standing($fact['reading'], $this->after);

            return ['area' => 'room',
                'what' => Text::of('history.in', of: $this->space($fact['reading']), what: Readings::name($this->after, $fact['reading'])),
                'before' => $was, 'after' => $is];
        }
        $said = self::said($fact);

        return ['area' => 'log', 'what' => Text::of('history.fact.'.self::kind($fact)), 'before' => $gone ? $said : null, 'after' => $gone ? null : $said];
    }

    private function space(string $reading): Text
    {
        $space = Readings::space($this->after, $reading);
        $name = $space === null ? null : Changes::find($this->after, ['spaces', $space, 'name']);

        return Text::of('history.plain', value: is_string($name) ? $name : '');
    }

    /**
     * The newest take of a reading that stands; fact ids are in the order they were made.
     *
     * @param  array<array-key, mixed>  $document
     */
    private function standing(string $reading, array $document): ?Text
    {
        $takes = array_filter(is_array($document['facts'] ?? null) ? $document['facts'] : [],
            fn (mixed $f): bool => is_array($f) && ($f['kind'] ?? '') === 'take' && ($f['reading'] ?? '') === $reading && ($f['struck'] ?? false) !== true);
        ksort($takes, SORT_STRING);
        $last = end($takes);

        return is_array($last) ? ValueLabel::of(isset($last['deg']) ? FieldType::Angle : FieldType::Length, $last['deg'] ?? $last['value'] ?? null) : null;
    }

    /** @param  array<array-key, mixed>  $fact */
    private static function kind(array $fact): string
    {
        return (FactKind::tryFrom(is_string($fact['kind'] ?? null) ? $fact['kind'] : '') ?? FactKind::Note)->value;
    }

    /** @param  array<array-key, mixed>  $fact */
    private static function said(array $fact): Text
    {
        foreach (['text', 'part', 'step', 'item', 'line', 'what', 'colour'] as $key) {
            if (is_string($fact[$key] ?? null) && $fact[$key] !== '') {
                return ValueLabel::of(FieldType::Text, $fact[$key]) ?? Text::of('history.written');
            }
        }

        return Text::of('history.written');
    }
}
