<?php

declare(strict_types=1);

namespace Incastro\Core\Memory;

/** A stage of planning whose result is kept by what it was made from. */
final readonly class Stage
{
    public function __construct(private Memory $memory)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class  of what is made
     * @param  list<mixed>  $from  everything that `make` looks at: two results made from equal things are equal
     * @param  callable(): T  $make
     * @return T
     */
    public function made(string $class, array $from, callable $make): object
    {
        // Not a quick hash: nobody may be able to make two rooms that share a key.
        $key = hash('sha256', "$class ".serialize($from));
        $known = $this->memory->get($key);
        if ($known instanceof $class) {
            return $known;
        }
        $made = $make();
        $this->memory->keep($key, $made);

        return $made;
    }
}
