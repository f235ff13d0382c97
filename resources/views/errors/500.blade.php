@include('errors.page', [
    'code' => '500',
    'title' => 'Something broke',
    'text' => 'It is written down in the log. What you keyed into a sheet waits in this browser. Try again; if it stays, tell the owner.'
    ])
