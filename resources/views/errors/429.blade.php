@include('errors.page', ['code' => '429', 'title' => 'Too many tries', 'text' => 'Wait a minute, then try again.'])
