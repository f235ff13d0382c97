@include('errors.page', [
    'code' => '419',
    'title' => 'The page was open too long',
    'text' => 'Go back, reload, and send again. Readings that you keyed wait in this browser and are not lost.'
    ])
