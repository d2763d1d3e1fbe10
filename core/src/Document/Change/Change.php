<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Change;

use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Measure\Text;

/**
 * What a person did, as operations addressed by element id.
 * Design: `set`, `add`, `remove` with a path of keys from the document's root.
 * Facts: `append`, `strike`, `restore` by id; they never go stale.
 */
final readonly class Change
{
    private const OPERATIONS = ['set', 'add', 'remove', 'append', 'strike', 'restore'];

    private const DESIGN_ROOTS = ['name', 'unit', 'spaces', 'pieces', 'methods', 'stock', 'workshop', 'layouts', 'way_in',
        'stored', 'cutting', 'lumber', 'accepted', 'house', 'limits', 'decisions', 'shop', 'make', 'calendar', 'rework', 'loose'];

    private const ID = '/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/';

    /** More edits than this wait on no device. */
    private const MOST_BEFORE = 2000;

    /**
     * @param  non-empty-list<array{op: string, path: list<string>, value: mixed}>  $operations
     * @param  list<string>  $after  ids of the same person's changes that this one was made on top of, not yet answered then
     */
    private function __construct(public string $id, public int $baseRevision, public array $operations, public array $after = [])
    {
    }

    /**
     * What a computation proposes, of nobody yet.
     *
     * @param  non-empty-list<array{op: string, path: list<string>, value: mixed}>  $operations
     */
    public static function of(array $operations): self
    {
        return new self('', 0, $operations);
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws DocumentRejected when it is not a change
     */
    public static function read(array $data): self
    {
        $id = $data['change_id'] ?? null;
        $base = $data['base_revision'] ?? null;
        $ops = $data['ops'] ?? null;
        $after = $data['after'] ?? [];
        if (! self::isId($id) || ! is_int($base) || ! is_array($ops) || $ops === []
            || ! is_array($after) || ! array_is_list($after) || count($after) > self::MOST_BEFORE || array_filter($after, self::isId(...)) !== $after) {
            throw DocumentRejected::because(new Problem('', Text::of('change.not_a_change')));
        }
        $operations = [];
        foreach (array_values($ops) as $i => $op) {
            $operations[] = self::operation($op) ?? throw DocumentRejected::because(
                new Problem("/ops/$i", Text::of('change.unknown_operation')));
        }

        /** @var list<string> $after */
        return new self($id, $base, $operations, $after);
    }

    /** @phpstan-assert-if-true string $id */
    private static function isId(mixed $id): bool
    {
        return is_string($id) && preg_match(self::ID, $id) === 1;
    }

    /**
     * The fields a change touches, as paths; facts touch nothing that can conflict.
     *
     * @return list<string>
     */
    public function touched(): array
    {
        $design = array_filter($this->operations, fn (array $o): bool => in_array($o['op'], ['set', 'add', 'remove'], true));

        return array_values(array_unique(array_map(fn (array $o): string => '/'.implode('/', $o['path']), $design)));
    }

    /**
     * Paths that both changes touch, one inside the other included.
     *
     * @param  list<string>  $theirs
     * @return list<string>
     */
    public function collidesWith(array $theirs): array
    {
        $inside = fn (string $a, string $b): bool => str_starts_with("$a/", "$b/") || str_starts_with("$b/", "$a/");

        return array_values(array_filter(
            $this->touched(),
            fn (string $mine): bool => array_filter($theirs, fn (string $t): bool => $inside($mine, $t)) !== [],
        ));
    }

    /** @return array{op: string, path: list<string>, value: mixed}|null */
    private static function operation(mixed $op): ?array
    {
        if (! is_array($op) || ! in_array($op['op'] ?? null, self::OPERATIONS, true)) {
            return null;
        }
        $path = $op['path'] ?? null;
        $isPath = is_array($path) && $path !== [] && count($path) <= CanonicalJson::DEEPEST
            && array_filter($path, fn (mixed $key): bool => ! is_string($key) || $key === '') === [];
        // A value that cannot be written, too deep or no number, can be neither kept nor told.
        if (! $isPath || json_encode($op['value'] ?? null, 0, CanonicalJson::DEEPEST) === false) {
            return null;
        }
        $path = array_values($path);
        $isFact = in_array($op['op'], ['append', 'strike', 'restore'], true);
        if ($isFact ? count($path) !== 2 || $path[0] !== 'facts' : ! in_array($path[0], self::DESIGN_ROOTS, true)) {
            return null;
        }

        /** @var list<string> $path */
        return ['op' => (string) $op['op'], 'path' => $path, 'value' => $op['value'] ?? null];
    }
}
