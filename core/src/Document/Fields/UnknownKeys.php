<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\PlainText;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Document\Reading\Upgrade;
use Incastro\Core\Measure\Text;

/**
 * What comes from elsewhere, a document or a change, may hold only what the table of fields knows: whatever is misspelt in it would be
 * passed over in silence, and what is no plain text would deceive who reads it. What the values have to be is the readers' to say.
 *
 * @phpstan-import-type Place from FieldTable
 */
final class UnknownKeys
{
    private const MOST_TOLD = 20;

    /** @var array<string, Problem> by pointer */
    private array $problems = [];

    /**
     * @param  array<array-key, mixed>  $document  that was read
     *
     * @throws DocumentRejected naming each place that has no meaning
     */
    public static function refuse(array $document): void
    {
        $self = new self;
        $self->look(Upgrade::toCurrent($document), FieldTable::root(), '');
        $self->end();
    }

    /**
     * What a change sets, and where.
     *
     * @throws DocumentRejected naming each place that has no meaning
     */
    public static function refuseIn(Change $change): void
    {
        $self = new self;
        // What is taken away had a place: it need not have a meaning.
        foreach (array_filter($change->operations, fn (array $o): bool => $o['op'] !== 'remove') as ['path' => $path, 'value' => $value]) {
            $set = array_reduce(array_reverse($path), fn (mixed $inner, string $key): array => [$key => $inner], $value);
            $self->look($set, FieldTable::root(), '');
        }
        $self->end();
    }

    /** @param  Place|null  $place */
    private function look(mixed $value, string|array|null $place, string $pointer): void
    {
        if (is_string($value) && ! PlainText::is($value)) {
            $this->tell($pointer, 'document.unseen');
        }
        if (is_array($value) && $place !== null) {
            foreach ($value as $key => $item) {
                $at = $pointer.'/'.self::step((string) $key);
                if ($this->isKnown((string) $key, $value, $place)) {
                    $this->look($item, FieldTable::inner($place, (string) $key), $at);
                } else {
                    $this->tell($at, 'document.unknown_word');
                }
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @param  Place  $place
     */
    private function isKnown(string $key, array $of, string|array $place): bool
    {
        return PlainText::is($key) && (FieldTable::inner($place, $key) !== null || ! FieldTable::isClosed($place)
            || (FieldTable::hasKinds($place) && FieldTable::setting($of, $key) !== null));
    }

    private static function step(string $key): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], mb_strimwidth(PlainText::cleaned(mb_scrub($key)), 0, 60, '…'));
    }

    private function tell(string $pointer, string $says): void
    {
        if (count($this->problems) < self::MOST_TOLD) {
            $this->problems[$pointer] = new Problem($pointer, Text::of($says));
        }
    }

    private function end(): void
    {
        if ($this->problems !== []) {
            throw new DocumentRejected(array_values($this->problems));
        }
    }
}
