<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Measure\Text;

/**
 * One step of the work. `makes` are the parts it brings into being, `places` those that are in their place after it, `parts` all it
 * is about; `numbers` are what is set, measured out or counted in it, `checks` what must be true after it.
 */
final readonly class Step
{
    /**
     * @param  string|null  $piece  null where it is about several
     * @param  list<string>  $parts
     * @param  list<string>  $makes
     * @param  list<string>  $places
     * @param  list<Text>  $numbers
     * @param  list<Text>  $checks
     * @param  list<string>  $cautions  keys of `caution.*` besides those of its kind
     * @param  array{material: string, sheet: int}|null  $sheet  which sheet is cut in it
     * @param  array<string, Text>  $asks  what is to be recorded in it, by what a record of it is about
     * @param  bool  $isOver  what it does was done, whether or not anybody said that the step was
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public ?string $piece,
        public Text $title,
        public array $parts = [],
        public array $makes = [],
        public array $places = [],
        public array $numbers = [],
        public array $checks = [],
        public float $amount = 1.0,
        public int $hands = 1,
        public array $cautions = [],
        public ?array $sheet = null,
        public bool $isOver = false,
        public array $asks = [],
    ) {
    }

    public function minutes(): int
    {
        [$setUp, $each] = $this->kind->effort();

        return (int) (ceil(($setUp + $each * $this->amount) / 5) * 5);
    }
}
