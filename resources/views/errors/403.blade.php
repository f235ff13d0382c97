@include('errors.page', ['code' => '403', 'title' => 'Not for your role', 'text' => 'You can read this, and somebody else in the shop may write it. Ask the owner if that is wrong.'])
