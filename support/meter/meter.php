<?php

declare(strict_types=1);

/**
 * The simulated distance meter: a small server of its own, on a socket that only this machine's web server reaches.
 * /meter/ is the device's face, where a person aims and presses; /meter/link is what any page may listen to (server-sent events:
 * reading {mm, at, quality}, battery {percent}, trouble {code}, goodbye). What it measures comes from rooms that the pages never see.
 * usage: php support/meter/meter.php SOCKET
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/../demo/rooms.php';
require __DIR__.'/Device.php';
require __DIR__.'/Server.php';

$socket = $argv[1] ?? exit("A socket's path is expected.\n");
(new Server($socket, new Device(rooms())))->run();
