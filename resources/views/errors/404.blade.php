@include('errors.page', [
    'code' => '404',
    'title' => 'Nothing here',
    'text' => 'No page and no job has that address. Look for it on the Bench.'
    ])
