<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

use Incastro\Core\Measure\Text;

/** One step that cures a finding: ordinary operations on the document, undone like any other. */
final readonly class Fix implements \JsonSerializable
{
    /** @param  list<array{op: string, path: list<string>, value?: mixed}>  $ops */
    public function __construct(public Text $does, public array $ops)
    {
    }

    /** @param  list<string>  $path */
    public static function set(Text $does, array $path, mixed $value): self
    {
        return new self($does, [['op' => 'set', 'path' => $path, 'value' => $value]]);
    }

    /**
     * As the document takes it: what a path goes through and the document does not have yet is set whole.
     *
     * @param  array<array-key, mixed>  $document
     */
    public function within(array $document): self
    {
        return new self($this->does, array_map(function (array $op) use ($document): array {
            $at = $document;
            foreach (array_slice($op['path'], 0, -1) as $depth => $key) {
                if (! is_array($at[$key] ?? null)) {
                    $value = $op['value'] ?? null;
                    foreach (array_reverse(array_slice($op['path'], $depth + 1)) as $inner) {
                        $value = [$inner => $value];
                    }

                    return ['op' => 'set', 'path' => array_slice($op['path'], 0, $depth + 1), 'value' => $value];
                }
                $at = $at[$key];
            }

            return $op;
        }, $this->ops));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['does' => $this->does, 'ops' => $this->ops];
    }
}
