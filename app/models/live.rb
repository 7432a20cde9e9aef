# What browsers are told while it happens.
module Live
end
