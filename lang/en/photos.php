<?php

declare(strict_types=1);

/** What people read of photos. */
return [
    'told' => [
        'no_picture_can_read' => 'That is no picture that can be read here. Send a JPEG, PNG or WebP, as a phone camera makes them.',
        'picture_takes_too_long' => 'That picture takes too long to open. Take it anew with the camera’s usual settings, and send that.',
        'something_hangs_behind_end' => 'Something hangs behind the end of that picture, and nobody can say what.',
        'picture_cut_off_middle' => 'That picture is cut off in the middle: it did not arrive whole. Send it again.',
    ],
];
