/** The service: accounts, storage, warehouses and the REST interface around the core. */
package org.ropebridge.service;
